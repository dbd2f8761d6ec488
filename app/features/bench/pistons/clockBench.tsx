import { ringClock, type ClockRing } from '@cardinex/core/piston/ringClock';
import { pistonsBench as w } from '@cardinex/words/bench';
import { clockSentence } from '@cardinex/words/pistons';
import { Choice } from '../../../ui/Choice';
import { ClockDrawing } from '../../pistons/ClockDrawing';
import { OneOf } from '../OneOf';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';
import type { Values } from '../useBenchValues';

const FIELDS: readonly FigureField[] = [{ key: 'keepClearDeg', label: w.keepClear, kind: 'deg' }];

const COUNTS = ['2', '3', '4', '5', '6'] as const;
const STARTING = {
  keepClearDeg: '20',
  rings: '3',
  oil: 'plain',
  rule: 'even',
  hand: 'clockwise',
};

/** Where every ring gap goes on the crown. */
export const clockBench: CalculatorBench = {
  fields: FIELDS,
  starting: STARTING,
  answer: inSentence(({ figures: { keepClearDeg = 0 } }, _units, values) => {
    const rings = ringsOf(values);
    const thrustDeg = values.hand === 'anticlockwise' ? 270 : 90;
    const rule = values.rule === 'opposed' ? 'opposed' : 'even';
    const found = ringClock({ rings, rule, pinDeg: 0, thrustDeg, keepClearDeg });
    const named = {
      ...found,
      places: found.places.map((place, at) => ({ ...place, id: rings[at]?.name ?? '' })),
      tooNear: rings.filter(({ id }) => found.tooNear.includes(id)).map(({ name }) => name),
    };
    return {
      sentence: clockSentence(named),
      good: found.verdict === 'clear',
      drawing: (
        <ClockDrawing
          rings={rings}
          found={found}
          thrustDeg={thrustDeg}
          keepClearDeg={keepClearDeg}
          towards={w.namedEnd}
        />
      ),
    };
  }),
  below: (values, set) => (
    <>
      <Choice
        label={w.rings}
        value={COUNTS.find((item) => item === values.rings) ?? '3'}
        options={COUNTS.map((value) => ({ value, label: value }))}
        onChange={(value) => set('rings', value)}
      />
      <OneOf name="oil" label={w.oilRing} labels={w.oil} values={values} set={set} />
      <OneOf name="rule" label={w.rule} labels={w.rules} values={values} set={set} />
      <OneOf name="hand" label={w.turns} labels={w.hands} values={values} set={set} />
    </>
  ),
};

function ringsOf({ rings, oil }: Values): readonly (ClockRing & { name: string })[] {
  const count = Number(rings ?? 3);
  const numbered = Array.from({ length: count }, (_, at) => ({
    id: String(at + 1),
    name: w.ring(at + 1),
    kind: at === count - 1 ? ('oil' as const) : ('compression' as const),
  }));
  if (oil !== 'expander') return numbered;
  return [...numbered, { id: 'expander', name: w.expander, kind: 'expander' }];
}
