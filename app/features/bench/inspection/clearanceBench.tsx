import { runningClearance, type ClearanceLimits } from '@cardinex/core/crank/runningClearance';
import { inspectionBench as w } from '@cardinex/words/bench';
import { clearanceSentence } from '@cardinex/words/inspection';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField, ReadFigures } from '../readFigures';

export const LIMIT_FIELDS: readonly FigureField[] = [
  { key: 'lowMm', label: w.low, kind: 'gap', optional: true },
  { key: 'highMm', label: w.high, kind: 'gap', optional: true },
];

const FIELDS: readonly FigureField[] = [
  { key: 'boreMm', label: w.bearing, kind: 'mms' },
  { key: 'journalMm', label: w.journal, kind: 'mms' },
  ...LIMIT_FIELDS,
];

/** The limits typed, those that were. */
export function limitsOf({ figures: { lowMm, highMm } }: ReadFigures): ClearanceLimits {
  return { ...(lowMm !== undefined && { lowMm }), ...(highMm !== undefined && { highMm }) };
}

/** The least and the greatest clearance of a journal in its bearing. */
export const clearanceBench: CalculatorBench = {
  fields: FIELDS,
  answer: inSentence((read, units) => {
    const { boreMm = [], journalMm = [] } = read.lists;
    const found = runningClearance({ boreMm, journalMm, limits: limitsOf(read) });
    const good = found.smallest === 'within' && found.largest === 'within';
    return { sentence: clearanceSentence(found, units), good };
  }),
};
