import { View } from 'react-native';
import {
  linerCheck,
  type LinerCheck,
  type LinerLimits,
  type Rise,
} from '@cardinex/core/block/linerCheck';
import { linersBench as w } from '@cardinex/words/bench';
import {
  boreSentence,
  differenceSentence,
  linersSentence,
  riseSentence,
} from '@cardinex/words/cards/liners';
import { useUnits } from '../../../device/preferences';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Marked } from '../../../ui/Marked';
import { Body } from '../../../ui/Words';
import { BlockPlan } from '../../liners/BlockPlan';
import type { CalculatorBench } from '../CalculatorBench';
import type { Values } from '../useBenchValues';
import { readLines, type FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'lowMm', label: w.low, kind: 'gap' },
  { key: 'highMm', label: w.high, kind: 'gap' },
  { key: 'adjacentMm', label: w.adjacent, kind: 'gap', optional: true },
  { key: 'tiltMm', label: w.tilt, kind: 'gap', optional: true },
];

export const RISES: readonly Rise[] = ['none', 'up', 'down', 'either'];

/** Stand-out of a block's liners against limits, without a job. */
export const linersBench: CalculatorBench = {
  fields: FIELDS,
  starting: { readings: '', rise: 'none' },
  answer: ({ figures }, values, units) => {
    const { rows, fault } = readLines(values.readings ?? '', 'gaps', units);
    if (fault !== undefined || rows.length === 0) return null;
    const bores = rows.map((readingsMm, place) => ({ id: String(place + 1), readingsMm }));
    const limits = figures as unknown as LinerLimits;
    const check = linerCheck({ bores, limits, rise: riseOf(values) });
    return (
      <>
        <Checks check={check} limits={limits} />
        <BlockPlan bores={bores.map((b) => b.id)} check={check} current={null} onPress={() => {}} />
      </>
    );
  },
  above: (values, set, units) => (
    <Field
      label={w.readings}
      hint={w.readingsHint}
      unit={units.length}
      multiline
      numberOfLines={4}
      value={values.readings ?? ''}
      onChangeText={(text) => set('readings', text)}
      fault={readLines(values.readings ?? '', 'gaps', units).fault}
    />
  ),
  below: (values, set) => (
    <Choice
      label={w.rise}
      value={riseOf(values)}
      options={RISES.map((value) => ({ value, label: w.rises[value] }))}
      onChange={(value) => set('rise', value)}
    />
  ),
};

/** Which way heights may go along the block, as it was chosen. */
export function riseOf({ rise }: Values): Rise {
  return RISES.find((entry) => entry === rise) ?? 'none';
}

function Checks({ check, limits }: { check: LinerCheck; limits: LinerLimits }) {
  const units = useUnits();
  const lines: [string, boolean][] = [
    ...check.bores.map((b): [string, boolean] => [
      boreSentence(b, limits, units),
      b.verdict !== 'within' || b.tiltVerdict === 'over',
    ]),
    ...check.differences.map((d): [string, boolean] => [
      differenceSentence(d, limits, units),
      d.verdict === 'over',
    ]),
    ...check.rise.map((r): [string, boolean] => [riseSentence(r), r.verdict === 'broken']),
  ];
  return (
    <View className="gap-1.5" testID="result">
      <Body className="font-strong">{linersSentence(check, units)}</Body>
      {lines.map(([text, out]) => (
        <Marked key={text} kind={out ? 'out' : 'within'}>
          {text}
        </Marked>
      ))}
    </View>
  );
}
