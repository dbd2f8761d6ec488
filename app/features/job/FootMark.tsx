import { View } from 'react-native';
import type { Verdict } from '@cardinex/drawings/marks/verdict';
import { Mark } from '../../ui/Mark';

/** A verdict at the foot of a card, on a slip of its own: its colours are made for card, not for bench. */
export function FootMark({ kind, word }: { kind: Verdict; word: string }) {
  return (
    <View className="self-start rounded-lg bg-card px-3 py-2">
      <Mark kind={kind} word={word} />
    </View>
  );
}
