import { wheelLine } from '@cardinex/core/crank/wheelLine';
import { turningBench as w } from '@cardinex/words/overheadBench';
import { wheelLineSentence } from '@cardinex/words/timing';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'readingsMm', label: w.behind, kind: 'mms', hint: w.behindHint },
  { key: 'withinMm', label: w.within, kind: 'mm' },
  { key: 'shimsMm', label: w.sizes, kind: 'mms', optional: true },
];

/** Do the wheels of a chain or belt run in one line, and by which shim would they? */
export const lineBench: CalculatorBench = {
  fields: FIELDS,
  answer: inSentence(
    ({ figures: { withinMm = 0 }, lists: { readingsMm = [], shimsMm } }, units) => {
      const found = wheelLine({ readingsMm, withinMm, ...(shimsMm && { shimsMm }) });
      return { sentence: wheelLineSentence(found, units), good: found.verdict === 'within' };
    },
  ),
};
