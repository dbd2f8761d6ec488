import { ringThickness } from '@cardinex/core/block/ringThickness';
import { inspectionBench as w } from '@cardinex/words/en/bench';
import { ringSentence } from '@cardinex/words/en/inspection';
import { SentenceBench } from '../SentenceBench';
import type { FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'readingsMm', label: w.ring, kind: 'gaps' },
  { key: 'minMm', label: w.ringLeast, kind: 'gap' },
  { key: 'spreadMm', label: w.ringSpread, kind: 'gap', optional: true },
  { key: 'newMm', label: w.ringNew, kind: 'gap', optional: true },
];

/** Whether a sealing ring is thick enough all round, and even. */
export function RingBench() {
  return (
    <SentenceBench
      name="ring"
      fields={FIELDS}
      reckon={({ figures, lists }, units) => {
        const { minMm = 0, spreadMm, newMm } = figures;
        const found = ringThickness({
          readingsMm: lists.readingsMm ?? [],
          limits: { minMm, ...(spreadMm !== undefined && { spreadMm }) },
          ...(newMm !== undefined && { newMm }),
        });
        const good = found.thickness === 'within' && found.spread !== 'over';
        return { sentence: ringSentence(found, units), good };
      }}
    />
  );
}
