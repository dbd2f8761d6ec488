import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { redoOf } from '@cardinex/core/job/redo';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { sheetDifferences } from '@cardinex/core/sheet/sheetDifferences';
import type { VariantQuestion } from '@cardinex/core/sheet/spec/variants';
import { variantOf, type VariantDifference } from '@cardinex/core/sheet/variants';
import { jobSheetWords as w, redoLines } from '@cardinex/words/en/jobSheet';
import { differenceText } from '@cardinex/words/en/sheets/differences';
import { useSheets } from '../../session/queries';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Mark } from '../../ui/Mark';
import { Body, Heading, Small } from '../../ui/Words';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

/** Differences shown before the list says only how many more there are. */
const SHOWN = 12;

/** The figures this job runs on, its variant, and the newer revision where there is one. */
export function JobSheet() {
  const { sheet, pinned, state, record, takeSheet } = useJob();
  const newest = useSheets().data?.sheets.find((one) => one.sheet.id === sheet.id);
  const newer = newest && newest.sheet.revision > sheet.revision ? newest : undefined;
  return (
    <CardFrame card="sheet" title={w.title} aside={sheet.name}>
      <View className="gap-4 p-3.5">
        <View className="gap-2">
          <Body>{w.runsOn(sheet.revision)}</Body>
          {newer ? null : <Small>{w.newest}</Small>}
          <Button
            label={w.read}
            onPress={() => router.push(`/sheets/${sheet.id}?revision=${sheet.revision}`)}
          />
        </View>
        {newer ? (
          <Change
            title={w.newer(newer.sheet.revision)}
            hint={newer.sheet.note ?? ''}
            label={w.take(newer.sheet.revision)}
            differences={sheetDifferences(pinned, newer.sheet)}
            after={variantOf(newer.sheet, state.variant)}
            onChange={(words) => takeSheet(newer, words)}
          />
        ) : null}
        {(pinned.variants ?? []).map((question) => (
          <Variant
            key={question.id}
            question={question}
            onChange={(option, words) =>
              record('variant.changed', { question: question.id, option, words })
            }
          />
        ))}
      </View>
    </CardFrame>
  );
}

interface VariantProps {
  readonly question: VariantQuestion;
  readonly onChange: (option: string, words: string) => Promise<string | null>;
}

function Variant({ question, onChange }: VariantProps) {
  const { pinned, state } = useJob();
  const [wanted, setWanted] = useState<string | null>(null);
  const chosen = question.options.find((o) => o.id === state.variant[question.id]);
  const other = question.options.find((o) => o.id === wanted && o.id !== chosen?.id);
  const after = other && variantOf(pinned, { ...state.variant, [question.id]: other.id });
  return (
    <View className="gap-2 border-t border-rule pt-3">
      <Heading level={3}>
        {w.variant}: {chosen?.name ?? '?'}
      </Heading>
      <Body>{question.ask}</Body>
      <View className="flex-row flex-wrap gap-3">
        {question.options.map(({ id, name, seen }) => (
          <Button
            key={id}
            label={name}
            {...(seen !== undefined && { hint: seen })}
            selected={id === (other?.id ?? chosen?.id)}
            onPress={() => setWanted(id)}
            className="min-w-[45%] flex-1"
          />
        ))}
      </View>
      {other && after ? (
        <Change
          title={other.name}
          hint={other.seen ?? ''}
          label={w.change(other.name)}
          differences={sheetDifferences(variantOf(pinned, state.variant), after)}
          after={after}
          onChange={async (words) => {
            const problem = await onChange(other.id, words);
            if (problem === null) setWanted(null);
            return problem;
          }}
        />
      ) : null}
    </View>
  );
}

interface ChangeProps {
  readonly title: string;
  readonly hint: string;
  readonly label: string;
  readonly differences: readonly VariantDifference[];
  readonly after: EngineSheet;
  readonly onChange: (words: string) => Promise<string | null>;
}

/** What would differ, what must be done again, and why: all seen before anything changes. */
function Change({ title, hint, label, differences, after, onChange }: ChangeProps) {
  const { sheet, state, now } = useJob();
  const [words, setWords] = useState('');
  const [tried, setTried] = useState(false);
  const redo = redoOf(sheet, after, state, now);
  const several = (set: string): boolean =>
    (sheet.fastenedSets?.find((one) => one.name === set)?.instances.length ?? 0) > 1;
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
        <Body key={difference.at}>{differenceText(difference)}</Body>
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
