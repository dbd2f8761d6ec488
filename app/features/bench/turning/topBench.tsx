import { deadCentre } from '@cardinex/core/crank/deadCentre';
import { deadCentreSentence } from '@cardinex/words/overhead';
import { turningBench as w } from '@cardinex/words/overheadBench';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';
import { StopsDrawing } from '../../top/StopsDrawing';

const FIELDS: readonly FigureField[] = [
  { key: 'stopForwardDeg', label: w.stopForward, kind: 'deg' },
  { key: 'stopBackDeg', label: w.stopBack, kind: 'deg' },
];

/** Top dead centre by a positive stop, met from both sides. */
export const topBench: CalculatorBench = {
  fields: FIELDS,
  answer: inSentence(({ figures: { stopForwardDeg = 0, stopBackDeg = 0 } }) => {
    const found = deadCentre({ stopForwardDeg, stopBackDeg });
    return {
      sentence: deadCentreSentence(found),
      good: true,
      drawing: <StopsDrawing stops={[stopForwardDeg, stopBackDeg]} topDeg={found.tdcDeg} />,
    };
  }),
};
