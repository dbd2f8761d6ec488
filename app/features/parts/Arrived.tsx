import type { PartVerdict } from '@cardinex/core/job/facts/parts';
import { useState } from 'react';
import type { KitView } from '@cardinex/core/job/cards/parts/view';
import { kitName, partsWords as w, verdictNames } from '@cardinex/words/cards/parts';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { isDay } from '../../ui/isDay';
import { Slip } from '../../ui/Slip';
import { SlipButtons } from '../../ui/SlipButtons';
import { useRefusal } from '../../ui/Refusal';
import { Body, Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

const VERDICTS: readonly PartVerdict[] = ['right', 'wrong', 'missing'];

/** One part laid beside the old: counted, compared, and said what it is. */
export function Arrived({
  view: { item, arrival, standing },
  onClose,
}: {
  view: KitView;
  onClose: () => void;
}) {
  const { sheet, state, record } = useJob();
  const [count, setCount] = useState(arrival ? String(arrival.count) : '');
  const [verdict, setVerdict] = useState<PartVerdict>('right');
  const [words, setWords] = useState('');
  const [tried, setTried] = useState(false);
  const [grade, setGrade] = useState(arrival?.grade ?? '');
  const [day, setDay] = useState('');
  const grades = item.grade === undefined ? [] : (sheet.gasket?.grades ?? []);
  const refusal = useRefusal();
  const name = kitName(item, sheet);
  const stored = state.oldBolts[item.id.replace(/^bolts\//, '')];
  const counted = /^\d+$/.test(count.trim());
  const silent = verdict !== 'right' && words.trim() === '';
  const save = useOnce(async () => {
    setTried(true);
    if (!counted) return refusal.say(w.needCount);
    if (silent) return refusal.say(w.needWords);
    const problem = await record('part.arrived', {
      part: item.id,
      count: Number(count),
      verdict,
      ...(words.trim() !== '' && { words: words.trim() }),
      ...(grade !== '' && { grade }),
    });
    if (problem === null) onClose();
  });
  // A day and no number: it has not come yet.
  const isExpected = day.trim() !== '' && count.trim() === '';
  const expect = useOnce(async () => {
    const on = day.trim();
    if (!isDay(on)) return refusal.say(w.needDay);
    if ((await record('parts.expected', { parts: [item.id], on })) === null) onClose();
  });
  return (
    <Slip
      title={name}
      onClose={onClose}
      foot={
        <SlipButtons
          confirm={isExpected ? w.keepDay : w.keep}
          onConfirm={isExpected ? expect : save}
          onClose={onClose}
        />
      }
    >
      <Body>{w.lay}</Body>
      {stored ? <Small>{w.oldKept(stored.count)}</Small> : null}
      <Small>{item.source}</Small>
      {standing === 'to-choose' ? <Small>{w.gradeHeld}</Small> : null}
      {grades.length > 0 ? (
        <Choice
          label={w.grade}
          value={grade}
          options={grades.map(({ mark }) => ({ value: mark, label: mark }))}
          onChange={setGrade}
        />
      ) : null}
      <Field
        label={item.count === undefined ? w.came : `${w.came} ${w.needs(item.count)}.`}
        inputMode="numeric"
        value={count}
        onChangeText={setCount}
        faulty={tried && !counted}
      />
      <Choice
        label={name}
        value={verdict}
        options={VERDICTS.map((value) => ({ value, label: verdictNames[value] }))}
        onChange={setVerdict}
      />
      <Field
        label={verdict === 'right' ? w.words : w.wordsWrong}
        hint={w.wordsHint}
        value={words}
        onChangeText={setWords}
        faulty={tried && silent}
      />
      {standing === 'right' ? null : (
        <Field
          label={w.when}
          hint={w.whenHint}
          value={day}
          onChangeText={setDay}
          faulty={day.trim() !== '' && !isDay(day.trim())}
        />
      )}
    </Slip>
  );
}
