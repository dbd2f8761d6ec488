import { PARKED_WITH, type ParkedWith } from '@cardinex/core/job/facts/parked';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { temporaryPartName, temporaryPartsIn } from '@cardinex/core/job/register';
import { parkedWithName, parkingWords as w } from '@cardinex/words/parking';
import { listed } from '@cardinex/words/quantity';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Body, Small } from '../../ui/Words';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

/** An engine left for weeks: what was done to it, and what whoever comes back sees to first. */
export function ParkScreen() {
  const { jobId, state, record } = useJob();
  const inside = temporaryPartsIn(state.register).map(temporaryPartName);
  const [done, setDone] = useState<readonly ParkedWith[]>([]);
  const [words, setWords] = useState('');
  const [resumeBy, setResumeBy] = useState('');
  const [tried, setTried] = useState(false);
  const toggle = (item: ParkedWith): void =>
    setDone(done.includes(item) ? done.filter((other) => other !== item) : [...done, item]);
  const park = useOnce(async () => {
    setTried(true);
    if (words.trim() === '') return;
    const lines = resumeBy
      .split('\n')
      .map((line) => line.trim())
      .filter((line) => line !== '');
    const problem = await record('job.parked', { done, words: words.trim(), resumeBy: lines });
    if (problem === null) router.replace(`/jobs/${jobId}`);
  });
  return (
    <CardFrame
      card="parking"
      title={w.title}
      actBar={<Button label={w.doPark} kind="expected" tall onPress={park} />}
    >
      <View className="gap-4 p-3.5">
        <Body>{w.ask}</Body>
        <View role="group" aria-label={w.done} className="gap-2">
          <Small>{w.done}</Small>
          {PARKED_WITH.map((entry) => {
            const is = done.includes(entry);
            return (
              <Button
                key={entry}
                label={is ? w.seenTo(parkedWithName(entry)) : parkedWithName(entry)}
                selected={is}
                onPress={() => toggle(entry)}
              />
            );
          })}
        </View>
        <Field
          label={w.words}
          hint={w.wordsHint}
          value={words}
          onChangeText={setWords}
          fault={tried && words.trim() === '' ? w.needWords : undefined}
        />
        <Field
          label={w.resumeBy}
          hint={w.resumeHint}
          value={resumeBy}
          onChangeText={setResumeBy}
          multiline
          numberOfLines={4}
        />
        {inside.length > 0 ? <Small>{w.stillIn(listed(inside))}</Small> : null}
      </View>
    </CardFrame>
  );
}
