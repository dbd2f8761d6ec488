import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { storageWords as w } from '@cardinex/words/storage';
import { Body, Heading, Small } from '../../ui/Words';

/** How much this device can still keep, and whether the browser may clear it. */
export function RoomLeft() {
  const [room, setRoom] = useState<{ leftBytes: number | null; forGood: boolean } | null>(null);
  useEffect(() => {
    let left = false;
    void roomLeft().then((found) => {
      if (!left) setRoom(found);
    });
    return () => {
      left = true;
    };
  }, []);
  if (!room) return null;
  const { leftBytes, forGood } = room;
  return (
    <View className="gap-1 border-t border-rule pt-3" testID="room">
      <Heading level={3}>{w.room}</Heading>
      <Body>{leftBytes === null ? w.roomUnknown : w.roomLeft(leftBytes)}</Body>
      <Small>{forGood ? w.forGood : w.notForGood}</Small>
    </View>
  );
}

async function roomLeft(): Promise<{ leftBytes: number | null; forGood: boolean }> {
  if (!('storage' in navigator)) return { leftBytes: null, forGood: false };
  const [{ quota, usage = 0 }, forGood] = await Promise.all([
    navigator.storage.estimate(),
    navigator.storage.persisted(),
  ]).catch(() => [{ quota: undefined, usage: 0 }, false] as const);
  return { leftBytes: quota === undefined ? null : Math.max(0, quota - usage), forGood };
}
