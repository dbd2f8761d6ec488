import type { LinerArrangeInput } from '@cardinex/core/block/arrange/input';
import { arrangeBench as w, benchWords, linersBench } from '@cardinex/words/bench';
import { Choice } from '../../../ui/Choice';
import { Body } from '../../../ui/Words';
import { ArrangeAnswer } from '../../liners/arrange/ArrangeAnswer';
import { useArranged } from '../../liners/arrange/useArranged';
import type { CalculatorBench } from '../CalculatorBench';
import type { FigureField, ReadFigures } from '../readFigures';
import type { Values } from '../useBenchValues';
import { RISES, riseOf } from './linersBench';

const FIELDS: readonly FigureField[] = [
  { key: 'counterbores', label: w.counterbores, kind: 'mms', hint: w.depthHint },
  { key: 'flanges', label: w.flanges, kind: 'mms', hint: w.depthHint },
  { key: 'lowMm', label: linersBench.low, kind: 'gap' },
  { key: 'highMm', label: linersBench.high, kind: 'gap' },
  { key: 'adjacentMm', label: linersBench.adjacent, kind: 'gap', optional: true },
  { key: 'shims', label: w.shims, kind: 'gaps', optional: true },
  { key: 'count', label: w.shimCount, kind: 'number', optional: true },
  { key: 'maxShims', label: w.most, kind: 'number', optional: true },
];

const STARTING = { rise: 'none', need: 'none' };
const NEEDS = ['none', 'one'] as const;

/** Which liner goes where, worked out beside the screen so that typing goes on meanwhile. */
export const arrangeBench: CalculatorBench = {
  fields: FIELDS,
  starting: STARTING,
  answer: (read, values) => <Arranged input={inputOf(read, values)} />,
  below: (values, set) => (
    <>
      <Choice
        label={linersBench.rise}
        value={riseOf(values)}
        options={RISES.map((value) => ({ value, label: linersBench.rises[value] }))}
        onChange={(value) => set('rise', value)}
      />
      <Choice
        label={w.required}
        value={values.need === 'one' ? 'one' : 'none'}
        options={NEEDS.map((value) => ({ value, label: w.need[value] }))}
        onChange={(value) => set('need', value)}
      />
    </>
  ),
};

function Arranged({ input }: { input: LinerArrangeInput }) {
  const arranging = useArranged(input);
  if (!arranging) return <Body>{benchWords.fill}</Body>;
  return <ArrangeAnswer bores={input.bores.map(({ id }) => id)} arranging={arranging} />;
}

function inputOf({ figures, lists }: ReadFigures, values: Values): LinerArrangeInput {
  const { lowMm = 0, highMm = 0, adjacentMm, count = 100, maxShims = 1 } = figures;
  const { counterbores = [], flanges = [], shims = [] } = lists;
  const numbered = (at: number): string => String(at + 1);
  return {
    bores: counterbores.map((counterboreMm, at) => ({ id: numbered(at), counterboreMm })),
    liners: flanges.map((flangeMm, at) => ({ id: numbered(at), flangeMm })),
    shims: shims.map((mm) => ({ mm, count })),
    shimRequired: values.need === 'one',
    maxShims: shims.length === 0 && values.need !== 'one' ? 0 : maxShims,
    limits: { lowMm, highMm, ...(adjacentMm !== undefined && { adjacentMm }) },
    rise: riseOf(values),
  };
}
