import { useState } from 'react';
import { View } from 'react-native';
import { sheetOfJob } from '@cardinex/core/job/sheetOfJob';
import type { VariantQuestion } from '@cardinex/core/sheet/spec/variants';
import { jobSheetWords as w } from '@cardinex/words/jobSheet';
import { Button } from '../../ui/Button';
import { Body, Heading } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { Change } from './Change';

interface VariantProps {
  readonly question: VariantQuestion;
  readonly onChange: (option: string, words: string) => Promise<string | null>;
}

/** Which of the sheet's variants this engine is, and what another would change. */
export function VariantChange({ question, onChange }: VariantProps) {
  const { pinned, state } = useJob();
  const [wanted, setWanted] = useState<string | null>(null);
  const chosen = question.options.find((o) => o.id === state.variant[question.id]);
  const other = question.options.find((o) => o.id === wanted && o.id !== chosen?.id);
  const after =
    other &&
    sheetOfJob(pinned, { ...state, variant: { ...state.variant, [question.id]: other.id } });
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
