import type { CheckSeen } from '@cardinex/core/job/facts/checks';
import { View } from 'react-native';
import { inspectWords as w } from '@cardinex/words/cards/inspect';
import { Button } from '../../ui/Button';

interface Props {
  readonly steps: readonly {
    readonly place: string;
    readonly name: string;
    /** Of all items. */
    readonly done: number;
    /** Of the item in hand, where its steps are taken one after the other. */
    readonly found?: CheckSeen['found'] | undefined;
  }[];
  readonly of: number;
  readonly current: readonly string[];
  readonly byItem: boolean;
  readonly onChoose: (place: string) => void;
}

/** The steps of a check: how many items have had each, or how the item in hand stands at each. */
export function Steps({ steps, of, current, byItem, onChoose }: Props) {
  const standing = { good: w.ticked, 'not-good': w.notGood, 'not-here': w.notHere } as const;
  return (
    <View className="flex-row flex-wrap gap-2 border-t border-rule px-3.5 py-2.5">
      {steps.map(({ place, name, done, found }) => (
        <Button
          key={place}
          label={name}
          hint={byItem ? (found ? standing[found] : w.unread) : w.readOf(done, of)}
          selected={current.includes(place)}
          onPress={() => onChoose(place)}
          className="min-w-[30%] flex-1"
        />
      ))}
    </View>
  );
}
