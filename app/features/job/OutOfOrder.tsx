import type { TrayCard } from '@cardinex/core/job/standing';
import { placeOf } from '@cardinex/core/job/kit/cardPlace';
import { passable } from '@cardinex/core/job/outOfOrder';
import { passableAt } from '@cardinex/core/job/standings';
import { View } from 'react-native';
import { outOfOrderWords as w, shutInSentence } from '@cardinex/words/outOfOrder';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';
import { useJob } from './JobProvider';
import { ReasonButton } from './ReasonButton';

/**
 * The way past what a card waits for, with the reason; nothing where anything of it could hurt somebody, or is for
 * another place to decide.
 */
export function OutOfOrder({ entry }: { entry: TrayCard }) {
  const { pinned, state, now, record } = useJob();
  const place = placeOf(entry);
  const despite = passableAt(pinned, state, now, place).flatMap(passable);
  if (despite.length === 0) return null;
  const shutIn = shutInSentence(despite);
  return (
    <View className="border-t border-rule p-3.5">
      <ReasonButton
        button={w.button}
        title={w.title}
        label={w.label}
        hint={w.hint}
        need={w.need}
        confirm={w.confirm}
        kind="stop"
        onWords={(words) => record('card.out-of-order', { ...place, despite, words })}
      >
        <Body>{w.says(despite)}</Body>
        {shutIn === null ? null : (
          <View className="flex-row gap-2">
            <Mark kind="out" />
            <Body className="flex-1 font-strong">{shutIn}</Body>
          </View>
        )}
      </ReasonButton>
    </View>
  );
}
