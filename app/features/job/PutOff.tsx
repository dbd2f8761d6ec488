import type { TrayCard } from '@cardinex/core/job/standing';
import { cardKey } from '@cardinex/core/job/kit/cardPlace';
import { useState } from 'react';
import { View } from 'react-native';
import { putOffWords as w } from '@cardinex/words/outOfOrder';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';
import { useJob } from './JobProvider';
import { useOnce } from './useOnce';
import { WordsSlip } from './WordsSlip';

const DATE = /^\d{4}-\d{2}-\d{2}$/;

/** Puts a card that could be worked on aside, with why and, where that is known, until when. */
export function PutOff({ entry: { card, set } }: { entry: TrayCard }) {
  const { record } = useJob();
  const [asking, setAsking] = useState(false);
  const [until, setUntil] = useState('');
  const [isNoDay, setNoDay] = useState(false);
  const day = until.trim();
  const put = async (words: string): Promise<string | null> => {
    if (day !== '' && !(DATE.test(day) && !Number.isNaN(Date.parse(day)))) {
      setNoDay(true);
      return w.needDate;
    }
    return record('card.put-off', {
      card,
      ...(set && { set: set.id }),
      words,
      ...(day !== '' && { until: day }),
    });
  };
  return (
    <View className="gap-2">
      <Button label={w.button} onPress={() => setAsking(true)} />
      {asking ? (
        <WordsSlip
          title={w.title(card)}
          label={w.label}
          hint={w.hint}
          need={w.need}
          confirm={w.confirm}
          onWords={put}
          onClose={() => setAsking(false)}
        >
          <Body>{w.says}</Body>
          <Field
            label={w.until}
            hint={w.untilHint}
            value={until}
            onChangeText={(text) => {
              setUntil(text);
              setNoDay(false);
            }}
            fault={isNoDay ? w.needDate : undefined}
          />
        </WordsSlip>
      ) : null}
    </View>
  );
}

/** Says that the card in hand was put off, and takes it up again. */
export function PutOffNotice({ entry: { card, set } }: { entry: TrayCard }) {
  const { state, record } = useJob();
  const place = { card, ...(set && { set: set.id }) };
  const putOff = state.putOff[cardKey(place)];
  const takeUp = useOnce(() => record('card.taken-up', place));
  if (!putOff) return null;
  return (
    <View className="gap-2 border-b border-rule p-3.5" role="status">
      <Mark kind="waiting" word={w.put(putOff.words, putOff.until)} />
      <Button label={w.takeUp} onPress={takeUp} />
    </View>
  );
}
