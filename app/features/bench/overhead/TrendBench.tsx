import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';
import { lashTrend, type LashReading, type LashTrend } from '@cardinex/core/overhead/lashTrend';
import { trendSentence } from '@cardinex/words/en/overhead';
import { overheadBench as w } from '@cardinex/words/en/overheadBench';
import { View } from 'react-native';
import { useUnits } from '../../../device/preferences';
import { Field } from '../../../ui/Field';
import { Marked } from '../../../ui/Marked';
import { LazyTrendDrawing } from '../../cards/LazyCards';
import { CalculatorFrame } from '../CalculatorFrame';
import { Figures } from '../Figures';
import { readFigures, readLines, type FigureField } from '../readFigures';
import { reckoned } from '../reckoned';
import { useBenchValues } from '../useBenchValues';

const FIELDS: readonly FigureField[] = [{ key: 'closesAtMm', label: w.closesAt, kind: 'mm' }];

/** How fast a gap closes over overhauls, and when it will have. */
export function TrendBench() {
  const units = useUnits();
  const { values, set, clear } = useBenchValues('trend', {});
  const read = readFigures(FIELDS, values, units);
  const { closesAtMm = 0 } = read.figures;
  const { rows, fault } = readLines(values.readings ?? '', 'mms', units);
  const wrong =
    fault ?? (rows.some(({ length }) => length < 2 || length > 3) ? w.badReadings : undefined);
  const readings = rows.map(([hours = 0, mm = 0, setMm]): LashReading => ({
    hours,
    mm,
    ...(setMm !== undefined && { setMm }),
  }));
  const found =
    read.complete && rows.length > 0 && wrong === undefined
      ? reckoned(() => lashTrend({ readings, closesAtMm }))
      : null;
  return (
    <CalculatorFrame
      name="trend"
      onClear={clear}
      answer={
        found === null || found instanceof ReckoningFault ? (
          found
        ) : (
          <Told found={found} readings={readings} closesAtMm={closesAtMm} />
        )
      }
    >
      <Field
        label={w.readings}
        hint={w.readingsHint}
        value={values.readings ?? ''}
        onChangeText={(text) => set('readings', text)}
        fault={wrong}
        multiline
        numberOfLines={5}
      />
      <Figures fields={FIELDS} values={values} read={read} onChange={set} />
    </CalculatorFrame>
  );
}

function Told({
  found,
  readings,
  closesAtMm,
}: {
  readonly found: LashTrend;
  readonly readings: readonly LashReading[];
  readonly closesAtMm: number;
}) {
  const units = useUnits();
  const good = found.code !== 'already-closed';
  return (
    <View className="gap-3" testID="result">
      <LazyTrendDrawing readings={readings} closesAtMm={closesAtMm} found={found} />
      <Marked kind={good ? 'within' : 'out'} strong>
        {trendSentence(found, units)}
      </Marked>
    </View>
  );
}
