import type { PropsWithChildren, ReactNode } from 'react';
import { View } from 'react-native';
import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';
import type { CalculatorName } from '@cardinex/words/en/bench';
import type { ReaderUnits } from '@cardinex/words/en/quantity';
import { useUnits } from '../../device/preferences';
import { Marked } from '../../ui/Marked';
import { CalculatorFrame } from './CalculatorFrame';
import { Figures } from './Figures';
import { readFigures, type FigureField, type ReadFigures } from './readFigures';
import { reckoned } from './reckoned';
import { useBenchValues, type Values } from './useBenchValues';

/** What a reckoning says in one sentence, and whether all is well. */
interface Said {
  readonly sentence: string;
  readonly good: boolean;
  readonly drawing?: ReactNode;
}

interface Props {
  readonly name: CalculatorName;
  /** What is asked for; some depends on what was chosen. */
  readonly fields: readonly FigureField[] | ((values: Values) => readonly FigureField[]);
  readonly starting?: Values;
  /** Answers from the figures read; null while they are not enough. */
  readonly reckon: (read: ReadFigures, units: ReaderUnits, values: Values) => Said | null;
  /** Choices below the figures. */
  readonly more?: (values: Values, set: (key: string, to: string) => void) => ReactNode;
}

const NOTHING: Values = {};

/** A calculator of figures that answers in a sentence, with a drawing where one helps. */
export function SentenceBench(props: PropsWithChildren<Props>) {
  const { name, starting = NOTHING, reckon, more } = props;
  const units = useUnits();
  const { values, set, clear } = useBenchValues(name, starting);
  const fields = typeof props.fields === 'function' ? props.fields(values) : props.fields;
  const read = readFigures(fields, values, units);
  const found = read.complete ? reckoned(() => reckon(read, units, values)) : null;
  return (
    <CalculatorFrame
      name={name}
      onClear={clear}
      answer={found === null || found instanceof ReckoningFault ? found : <Answer said={found} />}
    >
      <Figures fields={fields} values={values} read={read} onChange={set} />
      {more?.(values, set)}
    </CalculatorFrame>
  );
}

function Answer({ said: { sentence, good, drawing } }: { said: Said }) {
  return (
    <View className="gap-3" testID="result">
      {drawing}
      <Marked kind={good ? 'within' : 'out'} strong>
        {sentence}
      </Marked>
    </View>
  );
}
