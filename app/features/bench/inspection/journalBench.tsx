import { undersize } from '@cardinex/core/crank/undersize';
import { inspectionBench as w } from '@cardinex/words/bench';
import { undersizeSentence } from '@cardinex/words/inspection';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'journalMm', label: w.journal, kind: 'mms' },
  { key: 'standardMm', label: w.standardSize, kind: 'mm' },
  { key: 'stepsMm', label: w.steps, kind: 'gaps' },
  { key: 'minimumMm', label: w.minimum, kind: 'mm', optional: true },
  { key: 'wearMm', label: w.journalWear, kind: 'gap', optional: true },
  { key: 'cleanUpMm', label: w.cleanUp, kind: 'gap', optional: true },
];

/** Which undersize a journal is at, how far it is worn, and what it can be ground to. */
export const journalBench: CalculatorBench = {
  fields: FIELDS,
  answer: inSentence(({ figures, lists }, units) => {
    const { standardMm = 0, minimumMm, wearMm, cleanUpMm } = figures;
    const found = undersize({
      journalMm: lists.journalMm ?? [],
      standardMm,
      stepsMm: lists.stepsMm ?? [],
      ...(minimumMm !== undefined && { minimumMm }),
      ...(wearMm !== undefined && { wearMm }),
      ...(cleanUpMm !== undefined && { cleanUpMm }),
    });
    return { sentence: undersizeSentence(found, units), good: found.verdict === 'keep' };
  }),
};
