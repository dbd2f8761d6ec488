import { View } from 'react-native';
import { barringPlan, type BarringPlan } from '@cardinex/core/overhead/barringPlan';
import { cycleDegrees, type Strokes } from '@cardinex/core/overhead/cycle';
import { valveWindows, type CamEvents } from '@cardinex/core/overhead/valveWindows';
import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';
import { valvesBench as w } from '@cardinex/words/en/bench';
import { barringSentence } from '@cardinex/words/en/cards/valves';
import { degrees, listed } from '@cardinex/words/en/quantity';
import { useUnits } from '../../../device/preferences';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Figure } from '../../../ui/Figure';
import { Body, Small } from '../../../ui/Words';
import { CalculatorFrame } from '../CalculatorFrame';
import { Figures } from '../Figures';
import { readFigures, type FigureField } from '../readFigures';
import { reckoned } from '../reckoned';
import { useBenchValues } from '../useBenchValues';
import { readFiringOrder } from './readFiringOrder';

const MARGIN: FigureField = { key: 'marginDeg', label: w.margin, kind: 'deg' };
const EVO: FigureField = { key: 'evoBbdcDeg', label: w.evo, kind: 'deg' };
const FIELDS: Readonly<Record<Strokes, readonly FigureField[]>> = {
  4: [
    { key: 'ivoBtdcDeg', label: w.ivo, kind: 'deg' },
    { key: 'ivcAbdcDeg', label: w.ivc, kind: 'deg' },
    EVO,
    { key: 'evcAtdcDeg', label: w.evc4, kind: 'deg' },
    MARGIN,
  ],
  2: [EVO, { key: 'evcAbdcDeg', label: w.evc2, kind: 'deg' }, MARGIN],
};

const STARTING = { strokes: '4', order: '', marginDeg: '20' };

/** The valve table of an engine from its firing order and cam events, one inlet and one exhaust a cylinder. */
export function ValvesBench() {
  const units = useUnits();
  const { values, set, clear } = useBenchValues('valves', STARTING);
  const strokes: Strokes = values.strokes === '2' ? 2 : 4;
  const fields = FIELDS[strokes];
  const read = readFigures(fields, values, units);
  const order = readFiringOrder(values.order ?? '');
  const found =
    read.complete && order ? reckoned(() => planFor(strokes, order, read.figures)) : null;
  return (
    <CalculatorFrame
      name="valves"
      onClear={clear}
      answer={found === null || found instanceof ReckoningFault ? found : <Table plan={found} />}
    >
      <Choice
        label={w.strokes}
        value={String(strokes)}
        options={[
          { value: '4', label: w.four },
          { value: '2', label: w.two },
        ]}
        onChange={(value) => set('strokes', value)}
      />
      <Field
        label={w.order}
        hint={w.orderHint}
        value={values.order ?? ''}
        onChangeText={(text) => set('order', text)}
        fault={(values.order ?? '').trim() !== '' && !order ? w.badOrder : undefined}
      />
      <Figures fields={fields} values={values} read={read} onChange={set} />
    </CalculatorFrame>
  );
}

function planFor(
  strokes: Strokes,
  order: readonly number[],
  { marginDeg = 0, ...events }: Readonly<Record<string, number>>,
): BarringPlan {
  const windows = valveWindows({ strokes, ...events } as CamEvents);
  const firing = order.map((cylinder, place) => ({
    cylinder,
    atDeg: (place * cycleDegrees(strokes)) / order.length,
  }));
  const items = [...order]
    .sort((a, b) => a - b)
    .flatMap((cylinder) =>
      (['exhaust', 'intake'] as const).flatMap((kind) => {
        const active = windows[kind];
        const id = `${kind === 'exhaust' ? 'E' : 'I'}${cylinder}`;
        return active ? [{ id, cylinder, kind, active }] : [];
      }),
    );
  return barringPlan({ strokes, firing, items, marginDeg, stops: 'tdc' });
}

function Table({ plan }: { plan: BarringPlan }) {
  return (
    <View className="gap-2" testID="result">
      <Body>{barringSentence(plan)}</Body>
      {plan.positions.map(({ atDeg, rockingCylinders, set: items }) => (
        <View key={atDeg} className="flex-row items-baseline gap-4 border-t border-rule pt-1.5">
          <View className="w-20">
            <Figure size="small" value={degrees(atDeg)} />
          </View>
          <View className="flex-1">
            <Body className="font-strong">{listed(items.map((item) => item.id))}</Body>
            {rockingCylinders.length > 0 ? (
              <Small>{w.rocks(listed(rockingCylinders))}</Small>
            ) : null}
          </View>
        </View>
      ))}
      <Body>{w.checkFirst}</Body>
    </View>
  );
}
