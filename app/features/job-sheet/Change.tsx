import { useState } from 'react';
import { View } from 'react-native';
import { redoOf } from '@cardinex/core/job/redo';
import type { JobSheet } from '@cardinex/core/job/scope';
import { sheetDifferences } from '@cardinex/core/sheet/sheetDifferences';
import { jobSheetWords as w, redoLines } from '@cardinex/words/jobSheet';
import { differenceText } from '@cardinex/words/sheets/differences';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Mark } from '../../ui/Mark';
import { Body, Heading, Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

/** Differences shown before the list says only how many more there are. */
const SHOWN = 12;

interface ChangeProps {
  readonly title: string;
  readonly hint: string;
  readonly label: string;
  readonly after: JobSheet;
  readonly onChange: (words: string) => Promise<string | null>;
}

/** What would differ, what must be done again, and why: all seen before anything changes. */
export function Change({ title, hint, label, after, onChange }: ChangeProps) {
  const { sheet, state, now } = useJob();
  const [words, setWords] = useState('');
  const [tried, setTried] = useState(false);
  const differences = sheetDifferences(sheet, after);
  const redo = redoOf(sheet, after, state, now);
  const several = (set: string): boolean =>
    (sheet.fastenedSets?.find((fastened) => fastened.name === set)?.instances.length ?? 0) > 1;
  const lines = redoLines(redo, several);
  const change = useOnce(async () => {
    setTried(true);
    if (words.trim() !== '') await onChange(words.trim());
  });
  return (
    <View className="gap-2 border-t border-rule pt-3" testID="change">
      <Mark kind="waiting" word={title} />
      {hint === '' ? null : <Small>{hint}</Small>}
      <Heading level={3}>{w.differences}</Heading>
      {differences.length === 0 ? <Body>{w.noDifference}</Body> : null}
      {differences.slice(0, SHOWN).map((difference) => (
        <Body key={difference.at}>{differenceText(sheet, difference)}</Body>
      ))}
      {differences.length > SHOWN ? <Small>{w.more(differences.length - SHOWN)}</Small> : null}
      <Heading level={3}>{w.redo}</Heading>
      {lines.length === 0 ? <Mark kind="within" word={w.redoNothing} /> : null}
      {lines.map((line) => (
        <View key={line} className="flex-row gap-2">
          <Mark kind="out" />
          <Body className="flex-1">{line}</Body>
        </View>
      ))}
      <Field
        label={w.why}
        hint={w.whyHint}
        value={words}
        onChangeText={setWords}
        fault={tried && words.trim() === '' ? w.needWhy : undefined}
      />
      <Button label={label} kind="expected" onPress={change} />
    </View>
  );
}
