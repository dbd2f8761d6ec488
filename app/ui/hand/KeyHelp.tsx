import { usePathname } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { keyWords as w } from '@cardinex/words/keys';
import { Button } from '../Button';
import { Slip } from '../Slip';
import { Body, Heading } from '../Words';
import { isModalOpen } from './modal';
import { isCardAddress } from '../place/cardAddress';

/** Under `?`, on every screen: what the keys and the pedal do. The same key takes it away again. */
export function KeyHelp() {
  const [open, setOpen] = useState(false);
  const path = usePathname();
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.key !== '?' || event.repeat || isText(event.target)) return;
      // A field for figures has no use for it either.
      event.preventDefault();
      setOpen((before) => !before && !isModalOpen());
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return open ? <KeySlip onCard={isCardAddress(path)} onClose={() => setOpen(false)} /> : null;
}

/** What the keys do on a card, and on any screen. */
export function KeySlip({ onCard, onClose }: { onCard: boolean; onClose: () => void }) {
  return (
    <Slip title={w.title} onClose={onClose}>
      {onCard ? <Keys title={w.onCard} list={w.cardKeys} /> : null}
      <Keys title={w.anywhere} list={w.anyKeys} />
      <Button label={w.close} onPress={onClose} />
    </Slip>
  );
}

function Keys({ title, list }: { title: string; list: readonly (readonly [string, string])[] }) {
  return (
    <View className="gap-2">
      <Heading level={3}>{title}</Heading>
      {list.map(([keys, act]) => (
        <View key={keys} className="flex-row justify-between gap-4">
          <Body className="font-strong">{keys}</Body>
          <Body className="shrink text-right">{act}</Body>
        </View>
      ))}
    </View>
  );
}

/** Is something being written, which may have a question mark in it? A field for figures has none. */
function isText(target: EventTarget | null): boolean {
  const field = target instanceof HTMLElement ? target.closest('input, textarea') : null;
  return field !== null && !(field instanceof HTMLInputElement && field.inputMode === 'decimal');
}
