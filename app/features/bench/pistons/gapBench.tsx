import { ringGap } from '@cardinex/core/piston/ringGap';
import { pistonsBench as w } from '@cardinex/words/bench';
import { gapSentence } from '@cardinex/words/pistons';
import { OneOf } from '../OneOf';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'measuredMm', label: w.gap, kind: 'gap' },
  { key: 'boreMm', label: w.bore, kind: 'mm' },
  { key: 'lowMm', label: w.low, kind: 'gap' },
  { key: 'highMm', label: w.high, kind: 'gap' },
  { key: 'measuredAtBoreMm', label: w.squaredAt, kind: 'mm', optional: true },
  { key: 'tightestBoreMm', label: w.tightest, kind: 'mm', optional: true },
];

/** A ring's end gap where the bore is tightest, and what is done about it. */
export const gapBench: CalculatorBench = {
  fields: FIELDS,
  starting: { filing: 'yes' },
  answer: inSentence(({ figures }, units, { filing }) => {
    const { measuredMm = 0, boreMm = 0, lowMm = 0, highMm = 0 } = figures;
    const { measuredAtBoreMm, tightestBoreMm } = figures;
    const { rings } = ringGap({
      rings: [
        {
          id: 'ring',
          measuredMm,
          limit: { lowMm, highMm },
          ...(measuredAtBoreMm !== undefined && { measuredAtBoreMm }),
        },
      ],
      boreMm,
      ...(tightestBoreMm !== undefined && { tightestBoreMm }),
      fileable: filing !== 'no',
    });
    const [found] = rings;
    return found ? { sentence: gapSentence(found, units), good: found.verdict === 'within' } : null;
  }),
  below: (values, set) => (
    <OneOf name="filing" label={w.may} labels={w.filing} values={values} set={set} />
  ),
};
