import type { Holds, OutsideWork } from '@cardinex/core/job/facts/parts';
import { useState } from 'react';
import { View } from 'react-native';
import { partsWords as w } from '@cardinex/words/cards/parts';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Mark } from '../../ui/Mark';
import { useRefusal } from '../../ui/Refusal';
import { Body, Heading, Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

/** Everything sent out: with whom, back with what result, washed again or not. */
export function Outside({ waiting }: { waiting: (holds: Holds) => string }) {
  const { state } = useJob();
  return (
    <View className="gap-3 border-t border-rule p-3.5">
      <Heading level={3}>{w.outside}</Heading>
      {state.parts.outside.length === 0 ? <Small>{w.outsideNone}</Small> : null}
      {state.parts.outside.map((work) => (
        <Work key={work.id} work={work} waits={work.holds ? waiting(work.holds) : ''} />
      ))}
    </View>
  );
}

function Work({ work, waits }: { work: OutsideWork; waits: string }) {
  const { record } = useJob();
  const [result, setResult] = useState('');
  const [certificate, setCertificate] = useState('');
  const [tried, setTried] = useState(false);
  const refusal = useRefusal();
  const { id, what, to, back } = work;
  const cameBack = (washed: boolean) => async (): Promise<void> => {
    setTried(true);
    if (result.trim() === '') return refusal.say(w.needResult);
    const paper = certificate.trim() === '' ? {} : { certificate: certificate.trim() };
    await record('work.back', { work: id, result: result.trim(), ...paper, washed });
  };
  const unwashed = useOnce(cameBack(false));
  const washed = useOnce(cameBack(true));
  const wash = useOnce(async () => {
    if (!back) return;
    const { result: said, certificate: paper } = back;
    await record('work.back', {
      work: id,
      result: said,
      ...(paper !== undefined && { certificate: paper }),
      washed: true,
    });
  });
  return (
    <View className="gap-2 border-b border-rule pb-3" testID="outside">
      <View className="flex-row items-center justify-between gap-2">
        <Body className="flex-1 font-strong">{what}</Body>
        <Mark
          kind={back?.washed ? 'within' : 'waiting'}
          word={back?.washed ? w.washed : back ? w.notWashed : to}
        />
      </View>
      {waits === '' || back?.washed ? null : <Small>{w.bars(waits)}</Small>}
      {back ? (
        <>
          <Body>{[back.result, back.certificate].filter(Boolean).join('. ')}</Body>
          {back.washed ? null : (
            <>
              <Small>{w.washWhy}</Small>
              <Button label={w.washNow} name={`${what}: ${w.washNow}`} onPress={wash} />
            </>
          )}
        </>
      ) : (
        <>
          <Field
            label={w.result}
            value={result}
            onChangeText={setResult}
            faulty={tried && result.trim() === ''}
          />
          <Field label={w.certificate} value={certificate} onChangeText={setCertificate} />
          <Small>{w.washWhy}</Small>
          <View className="flex-row gap-3">
            <Button label={w.notWashed} onPress={unwashed} className="flex-1" />
            <Button label={w.washed} kind="expected" onPress={washed} className="flex-1" />
          </View>
        </>
      )}
    </View>
  );
}
