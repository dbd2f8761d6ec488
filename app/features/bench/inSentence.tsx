import type { ReactNode } from 'react';
import { View } from 'react-native';
import type { ReaderUnits } from '@cardinex/words/quantity';
import { Marked } from '../../ui/Marked';
import type { CalculatorBench } from './CalculatorBench';
import type { ReadFigures } from './readFigures';
import type { Values } from './useBenchValues';

/** What a reckoning says in one sentence, and whether all is well. */
interface Answered {
  readonly sentence: string;
  readonly good: boolean;
  readonly drawing?: ReactNode;
}

/** An answer of one sentence, with a drawing where one helps. */
export function inSentence(
  reckon: (read: ReadFigures, units: ReaderUnits, values: Values) => Answered | null,
): CalculatorBench['answer'] {
  return function answer(read, values, units) {
    const answered = reckon(read, units, values);
    return answered && <Sentence {...answered} />;
  };
}

function Sentence({ sentence, good, drawing }: Answered) {
  return (
    <View className="gap-3" testID="result">
      {drawing}
      <Marked kind={good ? 'within' : 'out'} strong>
        {sentence}
      </Marked>
    </View>
  );
}
