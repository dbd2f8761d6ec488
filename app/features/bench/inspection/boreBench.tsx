import { BORE_HEIGHTS, boreWear, type BoreHeight } from '@cardinex/core/block/boreWear';
import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';
import { inspectionBench as w } from '@cardinex/words/bench';
import { boreWearSentence } from '@cardinex/words/inspection';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField, ReadFigures } from '../readFigures';
import { BoreDrawing } from '../../checks/BoreDrawing';

const FIELDS: readonly FigureField[] = [
  ...BORE_HEIGHTS.map((height) => ({
    key: height,
    label: w.heights[height],
    kind: 'mms' as const,
    hint: w.bothWays,
  })),
  { key: 'nominalMm', label: w.nominal, kind: 'mm' },
  { key: 'wearMm', label: w.wear, kind: 'gap', optional: true },
  { key: 'taperMm', label: w.taper, kind: 'gap', optional: true },
  { key: 'ovalityMm', label: w.ovality, kind: 'gap', optional: true },
  { key: 'oversizesMm', label: w.oversizes, kind: 'gaps', optional: true },
  { key: 'cleanUpMm', label: w.cleanUp, kind: 'gap', optional: true },
];

/** How far a bore is worn, and the oversize that cleans it up. */
export const boreBench: CalculatorBench = {
  fields: FIELDS,
  answer: inSentence((read, units) => {
    const { nominalMm = 0, wearMm, taperMm, ovalityMm, cleanUpMm } = read.figures;
    const readingsMm = {
      top: pairOf(read, 'top'),
      middle: pairOf(read, 'middle'),
      bottom: pairOf(read, 'bottom'),
    };
    const found = boreWear({
      readingsMm,
      nominalMm,
      limits: {
        ...(wearMm !== undefined && { wearMm }),
        ...(taperMm !== undefined && { taperMm }),
        ...(ovalityMm !== undefined && { ovalityMm }),
      },
      oversizesMm: read.lists.oversizesMm ?? [],
      ...(cleanUpMm !== undefined && { cleanUpMm }),
    });
    const sentence = boreWearSentence(found, units);
    return {
      sentence,
      good: found.overall === 'within',
      drawing: <BoreDrawing readingsMm={readingsMm} nominalMm={nominalMm} label={sentence} />,
    };
  }),
};

function pairOf({ lists }: ReadFigures, height: BoreHeight): readonly [number, number] {
  const [one, other, ...rest] = lists[height] ?? [];
  if (one === undefined || other === undefined || rest.length > 0) {
    throw new ReckoningFault(w.heights[height], 'so-many', { count: 2 });
  }
  return [one, other];
}
