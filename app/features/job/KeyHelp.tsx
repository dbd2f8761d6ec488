import { useEffect } from 'react';
import { View } from 'react-native';
import { shared } from '@cardinex/words/screens';
import { Button } from '../../ui/Button';
import { Slip } from '../../ui/Slip';
import { Body } from '../../ui/Words';

/** What the keys and the pedal do, under `?`, which also takes it away again. */
export function KeyHelp({ onClose }: { onClose: () => void }) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.key === '?' && !event.repeat) onClose();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [onClose]);
  return (
    <Slip title={shared.keysTitle} onClose={onClose}>
      {shared.keyList.map(([keys, act]) => (
        <View key={keys} className="flex-row justify-between gap-4">
          <Body className="font-strong">{keys}</Body>
          <Body>{act}</Body>
        </View>
      ))}
      <Button label={shared.close} onPress={onClose} />
    </Slip>
  );
}
