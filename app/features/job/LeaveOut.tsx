import type { LeaveOut as Card } from '@cardinex/core/job/facts/leftOut';
import { View } from 'react-native';
import { cardTitle } from '@cardinex/words/cards/names';
import { leaveOutWords as w } from '@cardinex/words/scope';
import { Body } from '../../ui/Words';
import { useJob } from './JobProvider';
import { ReasonButton } from './ReasonButton';

/** The way past a card that this job does without, with the reason; nothing once it is left out. */
export function LeaveOut({ card }: { card: Card }) {
  const { state, record } = useJob();
  if (state.leftOut[card]) return null;
  return (
    <View className="border-t border-rule p-3.5">
      <ReasonButton
        button={w.button}
        title={w.title(cardTitle(card))}
        label={w.label}
        hint={w.hint}
        need={w.need}
        confirm={w.confirm}
        kind="stop"
        onWords={(words) => record('card.left-out', { card, words })}
      >
        <Body>{w.says}</Body>
      </ReasonButton>
    </View>
  );
}
