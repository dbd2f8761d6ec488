import { View } from 'react-native';
import {
  linerCheck,
  type LinerCheck,
  type LinerLimits,
  type Rise,
} from '@cardinex/core/block/linerCheck';
import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';
import { linersBench as w } from '@cardinex/words/en/bench';
import {
  boreSentence,
  differenceSentence,
  linersSentence,
  riseSentence,
} from '@cardinex/words/en/cards/liners';
import { useUnits } from '../../../device/preferences';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Marked } from '../../../ui/Marked';
import { Body } from '../../../ui/Words';
import { BlockPlan } from '../../liners/BlockPlan';
import { CalculatorFrame } from '../CalculatorFrame';
import { Figures } from '../Figures';
import { readFigures, readLines, type FigureField } from '../readFigures';
import { reckoned } from '../reckoned';
import { useBenchValues } from '../useBenchValues';

const FIELDS: readonly FigureField[] = [
  { key: 'lowMm', label: w.low, kind: 'gap' },
  { key: 'highMm', label: w.high, kind: 'gap' },
  { key: 'adjacentMm', label: w.adjacent, kind: 'gap', optional: true },
  { key: 'tiltMm', label: w.tilt, kind: 'gap', optional: true },
];

export const RISES: readonly Rise[] = ['none', 'up', 'down', 'either'];
const STARTING = { readings: '', rise: 'none' };

/** Stand-out of a block's liners against limits, without a job. */
export function LinersBench() {
  const units = useUnits();
  const { values, set, clear } = useBenchValues('liners', STARTING);
  const read = readFigures(FIELDS, values, units);
  const { rows, fault } = readLines(values.readings ?? '', 'gaps', units);
  const bores = rows.map((readingsMm, place) => ({ id: String(place + 1), readingsMm }));
  const limits = read.figures as unknown as LinerLimits;
  const rise = (values.rise ?? 'none') as Rise;
  const ready = read.complete && fault === undefined && rows.length > 0;
  const found = ready ? reckoned(() => linerCheck({ bores, limits, rise })) : null;
  const check = found instanceof ReckoningFault ? null : found;
  return (
    <CalculatorFrame
      name="liners"
      onClear={clear}
      answer={
        check === null ? (found as ReckoningFault | null) : <Checks check={check} limits={limits} />
      }
    >
      {check ? (
        <BlockPlan bores={bores.map((b) => b.id)} check={check} current={null} onPress={() => {}} />
      ) : null}
      <Field
        label={w.readings}
        hint={w.readingsHint}
        unit={units.length}
        multiline
        numberOfLines={4}
        value={values.readings ?? ''}
        onChangeText={(text) => set('readings', text)}
        fault={fault}
      />
      <Figures fields={FIELDS} values={values} read={read} onChange={set} />
      <Choice
        label={w.rise}
        value={rise}
        options={RISES.map((value) => ({ value, label: w.rises[value] }))}
        onChange={(value) => set('rise', value)}
      />
    </CalculatorFrame>
  );
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
