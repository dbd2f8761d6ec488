import type { TrayCard } from '@cardinex/core/job/standing';
import { cardKey, placeOf } from '@cardinex/core/job/kit/cardPlace';
import { useState } from 'react';
import { View } from 'react-native';
import { putOffWords as w } from '@cardinex/words/outOfOrder';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { isDay } from '../../ui/isDay';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';
import { useJob } from './JobProvider';
import { useOnce } from './useOnce';
import { ReasonButton } from './ReasonButton';

/** Puts a card that could be worked on aside, with why and, where that is known, until when. */
export function PutOff({ entry }: { entry: TrayCard }) {
  const { record } = useJob();
  const [until, setUntil] = useState('');
  const [isNoDay, setNoDay] = useState(false);
  const day = until.trim();
  const put = async (words: string): Promise<string | null> => {
    if (day !== '' && !isDay(day)) {
      setNoDay(true);
      return w.needDate;
    }
    return record('card.put-off', {
      ...placeOf(entry),
      words,
      ...(day !== '' && { until: day }),
    });
  };
  return (
    <ReasonButton
      button={w.button}
      title={w.title(entry.card)}
      label={w.label}
      hint={w.hint}
      need={w.need}
      confirm={w.confirm}
      onWords={put}
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
    </ReasonButton>
  );
}

/** Says that the card in hand was put off, and takes it up again. */
export function PutOffNotice({ entry }: { entry: TrayCard }) {
  const { state, record } = useJob();
  const place = placeOf(entry);
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
