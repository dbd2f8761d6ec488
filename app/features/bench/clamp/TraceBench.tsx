import { fixed } from '@cardinex/words/en/kit';
import { View } from 'react-native';
import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';
import { traceVerdict } from '@cardinex/core/tightening/traceVerdict';
import { traceSentence } from '@cardinex/words/en/clamp';
import { clampBench as w } from '@cardinex/words/en/clampBench';
import { useUnits } from '../../../device/preferences';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { Marked } from '../../../ui/Marked';
import { TraceDrawing } from '../../clamp/TraceDrawing';
import { CalculatorFrame } from '../CalculatorFrame';
import { Figures } from '../Figures';
import { readFigures, type FigureField } from '../readFigures';
import { reckoned } from '../reckoned';
import { useBenchValues } from '../useBenchValues';
import { readTrace } from './readTrace';

const FIELDS: readonly FigureField[] = [
  { key: 'snugNm', label: w.snug, kind: 'torque' },
  { key: 'finalNm', label: w.finalTorque, kind: 'torque', optional: true },
  { key: 'angleDeg', label: w.turnAsked, kind: 'deg', optional: true },
  { key: 'lowNm', label: w.low, kind: 'torque', optional: true },
  { key: 'highNm', label: w.high, kind: 'torque', optional: true },
];

const STARTING = { snugNm: '10', finalNm: '85', samples: '' };

/** A bolt that begins to stretch for good on its way: what the example shows. */
const EXAMPLE = Array.from({ length: 90 }, (_, at) => {
  const nm = at < 20 ? 2 : at < 62 ? 2 + (at - 20) * 1.6 : 69.2 + (at - 62) * 0.45;
  return `${at} ${fixed(nm, 1)}`;
}).join('\n');

/** A trace from a wrench or a table, judged and drawn. */
export function TraceBench() {
  const units = useUnits();
  const { values, set, clear } = useBenchValues('trace', STARTING);
  const read = readFigures(FIELDS, values, units);
  const { samples, fault } = readTrace(values.samples ?? '');
  const found =
    read.complete && samples.length > 0
      ? reckoned(() => traceVerdict({ samples, plan: { snugNm: 0, ...read.figures } }))
      : null;
  return (
    <CalculatorFrame
      name="trace"
      onClear={clear}
      answer={
        found === null || found instanceof ReckoningFault ? (
          found
        ) : (
          <View className="gap-3" testID="result">
            <TraceDrawing samples={samples} found={found} />
            <Marked kind={found.verdict === 'sound' ? 'within' : 'out'} strong>
              {traceSentence(found, units)}
            </Marked>
          </View>
        )
      }
    >
      <Figures fields={FIELDS} values={values} read={read} onChange={set} />
      <Field
        label={w.samples}
        hint={w.samplesHint}
        multiline
        numberOfLines={6}
        value={values.samples ?? ''}
        onChangeText={(text) => set('samples', text)}
        fault={fault}
        style={{ minHeight: 160 }}
      />
      <Button label={w.example} onPress={() => set('samples', EXAMPLE)} />
    </CalculatorFrame>
  );
}
