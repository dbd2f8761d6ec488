import { useState } from 'react';
import { View } from 'react-native';
import type { OldBolts as Old } from '@cardinex/core/job/cards/strip/view';
import { oldBoltsSentence, stripWords as w } from '@cardinex/words/cards/strip';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Mark } from '../../ui/Mark';
import { Body, Heading, Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

/** Old bolts counted into their bags, group by group: none may be missing, spent ones are kept. */
export function OldBolts({ bolts }: { bolts: readonly Old[] }) {
  return (
    <View className="gap-3 border-t border-rule p-3.5">
      <Heading level={3}>{w.count}</Heading>
      {bolts.map((old) => (
        <Group key={old.key} old={old} />
      ))}
    </View>
  );
}

function Group({ old }: { old: Old }) {
  const { state, record } = useJob();
  const [count, setCount] = useState('');
  const [uses, setUses] = useState('');
  const [faulty, setFaulty] = useState(false);
  const counted = state.oldBolts[old.key];
  const { set, group } = old;
  const limited = typeof group.uses === 'object';
  const save = useOnce(async () => {
    const problem = await record('bolts.counted', {
      set: set.id,
      group: group.id,
      count: Number(count),
      ...(limited && uses.trim() !== '' && { uses: Number(uses) }),
    });
    setFaulty(problem !== null);
  });
  const name = group.name;
  return (
    <View className="gap-2 border-b border-rule pb-3">
      <View className="flex-row items-center justify-between gap-2">
        <Body className="flex-1 font-strong">{name}</Body>
        {counted ? <Mark kind="within" word={w.counted(counted.count)} /> : null}
      </View>
      <Small>{oldBoltsSentence(old)}</Small>
      {counted ? null : (
        <>
          <Field
            label={w.countField(name)}
            inputMode="numeric"
            value={count}
            onChangeText={setCount}
            faulty={faulty}
          />
          {limited ? (
            <Field label={w.usesField} inputMode="numeric" value={uses} onChangeText={setUses} />
          ) : null}
          <Button
            label={w.keep}
            name={`${name}: ${w.keep}`}
            disabled={!/^\d+$/.test(count.trim()) || !/^\d*$/.test(uses.trim())}
            onPress={save}
          />
        </>
      )}
    </View>
  );
}
