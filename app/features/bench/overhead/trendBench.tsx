import type { ReaderUnits } from '@cardinex/words/quantity';
import { lashTrend, type LashReading, type LashTrend } from '@cardinex/core/overhead/lashTrend';
import { trendSentence } from '@cardinex/words/overhead';
import { overheadBench as w } from '@cardinex/words/overheadBench';
import { View } from 'react-native';
import { useUnits } from '../../../device/preferences';
import { Field } from '../../../ui/Field';
import { Marked } from '../../../ui/Marked';
import { TrendDrawing } from '../../valves/trend/TrendDrawing';
import type { CalculatorBench } from '../CalculatorBench';
import type { Values } from '../useBenchValues';
import { readLines, type FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [{ key: 'closesAtMm', label: w.closesAt, kind: 'mm' }];

/** How fast a gap closes over overhauls, and when it will have. */
export const trendBench: CalculatorBench = {
  fields: FIELDS,
  answer: ({ figures: { closesAtMm = 0 } }, values, units) => {
    const { readings, fault } = readingsOf(values, units);
    if (fault !== undefined || readings.length === 0) return null;
    const found = lashTrend({ readings, closesAtMm });
    return <Reported found={found} readings={readings} closesAtMm={closesAtMm} />;
  },
  above: (values, set, units) => (
    <Field
      label={w.readings}
      hint={w.readingsHint}
      value={values.readings ?? ''}
      onChangeText={(text) => set('readings', text)}
      fault={readingsOf(values, units).fault}
      multiline
      numberOfLines={5}
    />
  ),
};

/** A line for each overhaul: hours, the gap as found, the gap as left. */
function readingsOf(
  values: Values,
  units: ReaderUnits,
): { readonly readings: readonly LashReading[]; readonly fault: string | undefined } {
  const { rows, fault } = readLines(values.readings ?? '', 'mms', units);
  const isWrong = rows.some(({ length }) => length < 2 || length > 3);
  return {
    readings: rows.map(([hours = 0, mm = 0, setMm]) => ({
      hours,
      mm,
      ...(setMm !== undefined && { setMm }),
    })),
    fault: fault ?? (isWrong ? w.badReadings : undefined),
  };
}

function Reported({
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
      <TrendDrawing readings={readings} closesAtMm={closesAtMm} found={found} />
      <Marked kind={good ? 'within' : 'out'} strong>
        {trendSentence(found, units)}
      </Marked>
    </View>
  );
}
