import { endFloat } from '@cardinex/core/crank/endFloat';
import { inspectionBench as w } from '@cardinex/words/bench';
import { endFloatSentence } from '@cardinex/words/inspection';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';
import { LIMIT_FIELDS, limitsOf } from './clearanceBench';

const FIELDS: readonly FigureField[] = [
  { key: 'forwardMm', label: w.forward, kind: 'gap' },
  { key: 'backMm', label: w.back, kind: 'gap' },
  ...LIMIT_FIELDS,
];

/** How far a shaft moves endways. */
export const floatBench: CalculatorBench = {
  fields: FIELDS,
  answer: inSentence((read, units) => {
    const { forwardMm = 0, backMm = 0 } = read.figures;
    const found = endFloat({ forwardMm, backMm, limits: limitsOf(read) });
    return { sentence: endFloatSentence(found, units), good: found.verdict === 'within' };
  }),
};
