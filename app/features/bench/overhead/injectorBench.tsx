import { injectorSetting } from '@cardinex/core/overhead/injectorSetting';
import { screwBench } from '@cardinex/words/bench';
import { injectorSentence } from '@cardinex/words/overhead';
import { overheadBench as w } from '@cardinex/words/overheadBench';
import { OneOf } from '../OneOf';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';
import { TurnDrawing } from '../screw/TurnDrawing';

const BY_TURN: readonly FigureField[] = [
  { key: 'turns', label: w.past, kind: 'number', unit: w.turnsUnit },
];
const BY_HEIGHT: readonly FigureField[] = [
  { key: 'gaugeMm', label: w.gauge, kind: 'mm' },
  { key: 'measuredMm', label: w.height, kind: 'mm' },
  { key: 'pitchMm', label: screwBench.pitch, kind: 'mm' },
];

/** How far an injector's adjusting screw is turned. */
export const injectorBench: CalculatorBench = {
  fields: ({ method }) => (method === 'height' ? BY_HEIGHT : BY_TURN),
  starting: { method: 'turn', turns: '0.25', pitchMm: '1' },
  answer: inSentence(({ figures }, _units, { method }) => {
    const { turns = 0, gaugeMm = 0, measuredMm = 0, pitchMm = 0 } = figures;
    const found =
      method === 'height'
        ? injectorSetting({ method, gaugeMm, measuredMm, pitchMm })
        : injectorSetting({ method: 'turn', turns });
    return {
      sentence: injectorSentence(found),
      good: true,
      drawing: <TurnDrawing deg={found.deg} direction={found.direction} />,
    };
  }),
  below: (values, set) => (
    <OneOf name="method" label={w.method} labels={w.methods} values={values} set={set} />
  ),
};
