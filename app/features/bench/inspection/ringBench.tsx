import { ringThickness } from '@cardinex/core/block/ringThickness';
import { inspectionBench as w } from '@cardinex/words/bench';
import { ringSentence } from '@cardinex/words/inspection';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'readingsMm', label: w.ring, kind: 'gaps' },
  { key: 'minMm', label: w.ringLeast, kind: 'gap' },
  { key: 'spreadMm', label: w.ringSpread, kind: 'gap', optional: true },
  { key: 'newMm', label: w.ringNew, kind: 'gap', optional: true },
];

/** Whether a sealing ring is thick enough all round, and even. */
export const ringBench: CalculatorBench = {
  fields: FIELDS,
  answer: inSentence(({ figures, lists }, units) => {
    const { minMm = 0, spreadMm, newMm } = figures;
    const found = ringThickness({
      readingsMm: lists.readingsMm ?? [],
      limits: { minMm, ...(spreadMm !== undefined && { spreadMm }) },
      ...(newMm !== undefined && { newMm }),
    });
    const good = found.thickness === 'within' && found.spread !== 'over';
    return { sentence: ringSentence(found, units), good };
  }),
};
