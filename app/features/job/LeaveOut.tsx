import type { LeaveOut as Card } from '@cardinex/core/job/facts/leftOut';
import { useState } from 'react';
import { View } from 'react-native';
import { cardTitle } from '@cardinex/words/cards/names';
import { leaveOutWords as w } from '@cardinex/words/scope';
import { Button } from '../../ui/Button';
import { Body } from '../../ui/Words';
import { useJob } from './JobProvider';
import { WordsSlip } from './WordsSlip';

/** The way past a card that this job does without, with the reason; nothing once it is left out. */
export function LeaveOut({ card }: { card: Card }) {
  const { state, record } = useJob();
  const [asking, setAsking] = useState(false);
  if (state.leftOut[card]) return null;
  return (
    <View className="border-t border-rule p-3.5">
      <Button label={w.button} onPress={() => setAsking(true)} />
      {asking ? (
        <WordsSlip
          title={w.title(cardTitle(card))}
          label={w.label}
          hint={w.hint}
          need={w.need}
          confirm={w.confirm}
          kind="stop"
          onWords={(words) => record('card.left-out', { card, words })}
          onClose={() => setAsking(false)}
        >
          <Body>{w.says}</Body>
        </WordsSlip>
      ) : null}
    </View>
  );
}
