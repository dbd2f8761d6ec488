import { router, useLocalSearchParams } from 'expo-router';
import type { CalculatorName } from '@cardinex/words/bench';
import { shared } from '@cardinex/words/screens';
import { useUnits } from '../../device/preferences';
import { Notice } from '../../ui/Notice';
import { CALCULATORS } from './calculators';
import type { CalculatorBench } from './CalculatorBench';
import { CalculatorFrame } from './CalculatorFrame';
import { Figures } from './Figures';
import { readFigures } from './readFigures';
import { reckoned } from './reckoned';
import { useBenchValues } from './useBenchValues';

/** The calculator named in the address. */
export function OneCalculator() {
  const { calculator } = useLocalSearchParams<{ calculator: string }>();
  if (!Object.hasOwn(CALCULATORS, calculator)) {
    const toBench = (): void => router.replace('/bench');
    return <Notice text={shared.notFound} action={shared.back} onAction={toBench} />;
  }
  const name = calculator as CalculatorName;
  return <Calculator key={name} name={name} bench={CALCULATORS[name]} />;
}

const NOTHING = {};

function Calculator({ name, bench }: { name: CalculatorName; bench: CalculatorBench }) {
  const units = useUnits();
  const { starting = NOTHING, above, below } = bench;
  const { values, set, clear } = useBenchValues(
    name,
    typeof starting === 'function' ? starting(units) : starting,
  );
  const fields = typeof bench.fields === 'function' ? bench.fields(values) : bench.fields;
  const read = readFigures(fields, values, units);
  return (
    <CalculatorFrame
      name={name}
      onClear={clear}
      answer={read.complete ? reckoned(() => bench.answer(read, values, units)) : null}
    >
      {bench.drawing?.(read)}
      {above?.(values, set, units)}
      <Figures fields={fields} values={values} read={read} onChange={set} />
      {below?.(values, set, units)}
    </CalculatorFrame>
  );
}
