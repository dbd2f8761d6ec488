import { pistonTravel } from '@cardinex/core/crank/pistonTravel';
import { sliderCrankDrawing } from '@cardinex/drawings/bench/sliderCrank';
import { fixed, upTo } from '@cardinex/words/kit';
import { pistonTravelSentence } from '@cardinex/words/overhead';
import { turningBench as w } from '@cardinex/words/overheadBench';
import { DrawingView } from '../../../ui/drawing/DrawingView';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'crankDeg', label: w.crank, kind: 'deg' },
  { key: 'strokeMm', label: w.stroke, kind: 'mm' },
  { key: 'rodMm', label: w.rod, kind: 'mm' },
  { key: 'offsetMm', label: w.offset, kind: 'mm', optional: true },
];

/** How far a piston stands below its top at an angle of the crank. */
export const travelBench: CalculatorBench = {
  fields: FIELDS,
  answer: inSentence(({ figures: { crankDeg = 0, strokeMm = 0, rodMm = 0, offsetMm = 0 } }) => {
    const engine = { strokeMm, rodMm, offsetMm };
    const found = pistonTravel({ ...engine, crankDeg });
    const { belowTopMm } = found;
    const description = w.slider(`${upTo(crankDeg, 1)}°`, fixed(belowTopMm, 1));
    return {
      sentence: pistonTravelSentence(found),
      good: true,
      drawing: (
        <DrawingView
          drawing={sliderCrankDrawing({ ...engine, crankDeg, belowTopMm, description })}
          width={130}
          height={210}
        />
      ),
    };
  }),
};
