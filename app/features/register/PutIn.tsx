import { TEMPORARY_PART_KINDS, type TemporaryPartKind } from '@cardinex/core/job/facts/register';
import { assemblyOf } from '@cardinex/core/sheet/assembly/assemblyOf';
import {
  TEMPORARY_BARS,
  type TemporaryBars,
  type TemporarySpec,
} from '@cardinex/core/sheet/spec/assembly';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 as uuidv7 } from 'uuid';
import {
  barsSentence,
  registerWords as w,
  THING_BARS,
  thingKindName,
} from '@cardinex/words/register';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { useRefusal } from '../../ui/Refusal';
import { Slip } from '../../ui/Slip';
import { SlipButtons } from '../../ui/SlipButtons';
import { Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

const BARS: readonly (TemporaryBars | 'nothing')[] = [...TEMPORARY_BARS, 'nothing'];

/** What holds liners or case is known by what it does; anything else by its name alone. */
function kindOf({ holdsLiners, holdsCase }: TemporarySpec): TemporaryPartKind {
  if (holdsLiners) return 'liner-clamp';
  return holdsCase ? 'case-clamp' : 'other';
}

/** One more thing put in: what, where, and what it would harm. */
export function PutIn({ onClose }: { onClose: () => void }) {
  const { sheet, record } = useJob();
  const { temporary } = assemblyOf(sheet);
  const [kind, setKind] = useState<TemporaryPartKind>('rag');
  const [what, setWhat] = useState(thingKindName('rag'));
  const [where, setWhere] = useState('');
  const [bars, setBars] = useState<TemporaryBars | null>(THING_BARS.rag);
  const [tried, setTried] = useState(false);
  const refusal = useRefusal();
  const choose = (next: TemporaryPartKind): void => {
    setKind(next);
    setBars(THING_BARS[next]);
    setWhat(next === 'other' ? '' : thingKindName(next));
  };
  const put = useOnce(async () => {
    setTried(true);
    if (what.trim() === '') return refusal.say(w.needWhat);
    if (where.trim() === '') return refusal.say(w.needWhere);
    const described = { kind, what: what.trim(), where: where.trim(), bars };
    if ((await record('temporary-part.put-in', { part: uuidv7(), ...described })) === null)
      onClose();
  });
  return (
    <Slip
      title={w.put}
      onClose={onClose}
      foot={<SlipButtons confirm={w.putIn} onConfirm={put} onClose={onClose} />}
    >
      {temporary.length > 0 ? (
        <View className="gap-1">
          <Small>{w.fromSheet}</Small>
          <View className="flex-row flex-wrap gap-3">
            {temporary.map((known) => (
              <Button
                key={known.what}
                label={known.what}
                selected={what === known.what}
                onPress={() => {
                  setWhat(known.what);
                  setKind(kindOf(known));
                  setBars(known.bars);
                }}
              />
            ))}
          </View>
        </View>
      ) : null}
      <Choice
        label={w.kind}
        value={kind}
        options={TEMPORARY_PART_KINDS.map((value) => ({ value, label: thingKindName(value) }))}
        onChange={choose}
      />
      <Field
        label={w.what}
        hint={w.whatHint}
        value={what}
        onChangeText={setWhat}
        faulty={tried && what.trim() === ''}
      />
      <Field
        label={w.where}
        hint={w.whereHint}
        value={where}
        onChangeText={setWhere}
        faulty={tried && where.trim() === ''}
      />
      <Choice
        label={w.bars}
        value={bars ?? 'nothing'}
        options={BARS.map((value) => ({
          value,
          label: value === 'nothing' ? w.barsNothing : w.barsName(value),
        }))}
        onChange={(value) => setBars(value === 'nothing' ? null : value)}
      />
      <Small>{barsSentence(bars)}</Small>
    </Slip>
  );
}
