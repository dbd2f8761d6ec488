import { tappetShims } from '@cardinex/core/overhead/tappetShims';
import { overheadBench as w } from '@cardinex/words/overheadBench';
import { shimSentence, shimsSentence } from '@cardinex/words/overhead';
import { pistonsBench, screwBench } from '@cardinex/words/bench';
import { Body } from '../../../ui/Words';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'gaps', label: w.gaps, kind: 'gaps', hint: '0.30 0.50 0.70' },
  { key: 'fitted', label: w.fitted, kind: 'mms', hint: '3.10 3.00 3.20' },
  { key: 'lowMm', label: pistonsBench.low, kind: 'gap' },
  { key: 'highMm', label: pistonsBench.high, kind: 'gap' },
  { key: 'targetMm', label: screwBench.target, kind: 'gap', optional: true },
  { key: 'stock', label: w.stock, kind: 'mms', optional: true },
  { key: 'count', label: w.stockCount, kind: 'number', optional: true },
];

/** A shim for every valve, from those taken out and the stock. */
export const shimsBench: CalculatorBench = {
  fields: FIELDS,
  starting: { count: '1' },
  answer: inSentence(({ figures, lists }, units) => {
    const { gaps = [], fitted = [], stock = [] } = lists;
    const { lowMm = 0, highMm = 0, targetMm, count = 1 } = figures;
    if (gaps.length !== fitted.length) return { sentence: w.unequal, good: false };
    const found = tappetShims({
      valves: gaps.map((measuredMm, at) => ({
        id: String(at + 1),
        measuredMm,
        fittedMm: fitted[at] ?? 0,
      })),
      lowMm,
      highMm,
      ...(targetMm !== undefined && { targetMm }),
      stock: stock.map((mm) => ({ mm, count })),
    });
    return {
      sentence: shimsSentence(found, units),
      good: found.unserved.length === 0,
      drawing: found.shims.map((choice) => (
        <Body key={choice.id}>{shimSentence(choice, units)}</Body>
      )),
    };
  }),
};
