import { fixed } from '@cardinex/words/en/kit';
import { View } from 'react-native';
import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';
import { rim, type Rim } from '@cardinex/core/crank/rim';
import { rimBench as w } from '@cardinex/words/en/bench';
import { degrees } from '@cardinex/words/en/quantity';
import { useUnits } from '../../../device/preferences';
import { Figure } from '../../../ui/Figure';
import { Small } from '../../../ui/Words';
import { CalculatorFrame } from '../CalculatorFrame';
import { Figures } from '../Figures';
import { readFigures, type FigureField } from '../readFigures';
import { reckoned } from '../reckoned';
import { useBenchValues } from '../useBenchValues';
import { RimDrawing } from './RimDrawing';

const FIELDS: readonly FigureField[] = [
  { key: 'deg', label: w.deg, kind: 'deg' },
  { key: 'rimDiaMm', label: w.diameter, kind: 'mm', optional: true },
  { key: 'teethTotal', label: w.teeth, kind: 'number', optional: true },
];

/** An angle of the crank in millimetres along a rim and in teeth of the ring gear. */
export function RimBench() {
  const units = useUnits();
  const { values, set, clear } = useBenchValues('rim', {});
  const read = readFigures(FIELDS, values, units);
  const found = read.complete ? reckoned(() => rim(read.figures)) : null;
  return (
    <CalculatorFrame
      name="rim"
      onClear={clear}
      answer={found === null || found instanceof ReckoningFault ? found : <OnRim found={found} />}
    >
      <Figures fields={FIELDS} values={values} read={read} onChange={set} />
    </CalculatorFrame>
  );
}

function OnRim({ found }: { found: Rim }) {
  return (
    <View className="flex-row items-center gap-4">
      <RimDrawing deg={found.deg} />
      <View className="flex-1 gap-2">
        <Figure size="large" value={degrees(found.deg)} />
        {found.mm === undefined ? null : (
          <View>
            <Figure size="large" value={fixed(found.mm, 1)} unit="mm" testID="result" />
            <Small>{w.alongRim}</Small>
          </View>
        )}
        {found.teeth === undefined ? null : (
          <View>
            <Figure size="large" value={fixed(found.teeth, 1)} unit={w.teethOn} />
          </View>
        )}
      </View>
    </View>
  );
}
