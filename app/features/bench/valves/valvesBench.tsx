import { View } from 'react-native';
import { barringPlan, type BarringPlan } from '@cardinex/core/overhead/barringPlan';
import { cycleDegrees, type Strokes } from '@cardinex/core/overhead/cycle';
import { valveWindows, type CamEvents } from '@cardinex/core/overhead/valveWindows';
import { valvesBench as w } from '@cardinex/words/bench';
import { barringSentence } from '@cardinex/words/cards/valves';
import { degrees, listed } from '@cardinex/words/quantity';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Figure } from '../../../ui/Figure';
import { Body, Small } from '../../../ui/Words';
import type { CalculatorBench } from '../CalculatorBench';
import type { FigureField } from '../readFigures';
import type { Values } from '../useBenchValues';
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

/** The valve table of an engine from its firing order and cam events, one inlet and one exhaust a cylinder. */
export const valvesBench: CalculatorBench = {
  fields: (values) => FIELDS[strokesOf(values)],
  starting: { strokes: '4', order: '', marginDeg: '20' },
  answer: ({ figures }, values) => {
    const order = readFiringOrder(values.order ?? '');
    return order && <Table plan={planFor(strokesOf(values), order, figures)} />;
  },
  above: (values, set) => (
    <>
      <Choice
        label={w.strokes}
        value={String(strokesOf(values))}
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
        fault={
          (values.order ?? '').trim() !== '' && !readFiringOrder(values.order ?? '')
            ? w.badOrder
            : undefined
        }
      />
    </>
  ),
};

function strokesOf({ strokes }: Values): Strokes {
  return strokes === '2' ? 2 : 4;
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
