import { nutTravel } from '@cardinex/core/tightening/nutTravel';
import { nutTravelSentence } from '@cardinex/words/clamp';
import { clampBench as w } from '@cardinex/words/clampBench';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'nuts', label: w.nuts, kind: 'numbers', hint: w.nutsHint },
  { key: 'toleranceHoles', label: w.tolerance, kind: 'number' },
  { key: 'expectedHoles', label: w.expected, kind: 'number', optional: true },
];

/** Which nut went further, or less far, than its fellows. */
export const nutsBench: CalculatorBench = {
  fields: FIELDS,
  starting: { toleranceHoles: '0.5' },
  answer: inSentence(({ figures: { toleranceHoles = 0, expectedHoles }, lists: { nuts = [] } }) => {
    const found = nutTravel({
      nuts: nuts.map((holes, at) => ({ id: String(at + 1), holes })),
      toleranceHoles,
      ...(expectedHoles !== undefined && { expectedHoles }),
    });
    return { sentence: nutTravelSentence(found), good: found.findings.join() === 'alike' };
  }),
};
