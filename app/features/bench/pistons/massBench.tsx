import { matchMass } from '@cardinex/core/piston/matchMass';
import { pistonsBench as w } from '@cardinex/words/bench';
import { massSentence } from '@cardinex/words/pistons';
import { OneOf } from '../OneOf';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'grams', label: w.masses, kind: 'numbers', unit: 'g', hint: w.massHint },
  { key: 'limitGrams', label: w.massLimit, kind: 'number', unit: 'g', optional: true },
];

/** Whether pieces are alike enough in mass, or which of them go opposite each other. */
export const massBench: CalculatorBench = {
  fields: FIELDS,
  starting: { matched: 'all' },
  answer: inSentence(({ figures: { limitGrams }, lists }, _units, { matched }) => {
    const pieces = (lists.grams ?? []).map((grams, at) => ({ id: w.piece(at + 1), grams }));
    const found = matchMass({
      pieces,
      ...(limitGrams !== undefined && { limitGrams }),
      pairs: matched === 'pairs',
    });
    return { sentence: massSentence(found), good: found.verdict === 'within' };
  }),
  below: (values, set) => (
    <OneOf name="matched" label={w.matched} labels={w.matching} values={values} set={set} />
  ),
};
