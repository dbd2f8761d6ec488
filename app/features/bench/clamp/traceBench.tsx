import { fixed } from '@cardinex/words/kit';
import { View } from 'react-native';
import { traceVerdict } from '@cardinex/core/tightening/traceVerdict';
import { traceSentence } from '@cardinex/words/clamp';
import { clampBench as w } from '@cardinex/words/clampBench';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { Marked } from '../../../ui/Marked';
import { TraceDrawing } from '../../clamp/TraceDrawing';
import type { CalculatorBench } from '../CalculatorBench';
import type { FigureField } from '../readFigures';
import { readTrace } from './readTrace';

const FIELDS: readonly FigureField[] = [
  { key: 'snugNm', label: w.snug, kind: 'torque' },
  { key: 'finalNm', label: w.finalTorque, kind: 'torque', optional: true },
  { key: 'angleDeg', label: w.turnAsked, kind: 'deg', optional: true },
  { key: 'lowNm', label: w.low, kind: 'torque', optional: true },
  { key: 'highNm', label: w.high, kind: 'torque', optional: true },
];

/** A bolt that begins to stretch for good on its way: what the example shows. */
const EXAMPLE = Array.from({ length: 90 }, (_, at) => {
  const nm = at < 20 ? 2 : at < 62 ? 2 + (at - 20) * 1.6 : 69.2 + (at - 62) * 0.45;
  return `${at} ${fixed(nm, 1)}`;
}).join('\n');

/** A trace from a wrench or a table, judged and drawn. */
export const traceBench: CalculatorBench = {
  fields: FIELDS,
  starting: { snugNm: '10', finalNm: '85', samples: '' },
  answer: (read, values, units) => {
    const { samples } = readTrace(values.samples ?? '');
    if (samples.length === 0) return null;
    const found = traceVerdict({ samples, plan: { snugNm: 0, ...read.figures } });
    return (
      <View className="gap-3" testID="result">
        <TraceDrawing samples={samples} found={found} />
        <Marked kind={found.verdict === 'sound' ? 'within' : 'out'} strong>
          {traceSentence(found, units)}
        </Marked>
      </View>
    );
  },
  below: (values, set) => (
    <>
      <Field
        label={w.samples}
        hint={w.samplesHint}
        multiline
        numberOfLines={6}
        value={values.samples ?? ''}
        onChangeText={(text) => set('samples', text)}
        fault={readTrace(values.samples ?? '').fault}
        style={{ minHeight: 160 }}
      />
      <Button label={w.example} onPress={() => set('samples', EXAMPLE)} />
    </>
  ),
};
