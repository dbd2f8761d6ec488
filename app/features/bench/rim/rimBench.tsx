import { fixed } from '@cardinex/words/kit';
import { View } from 'react-native';
import { rim, type Rim } from '@cardinex/core/crank/rim';
import { rimDrawing } from '@cardinex/drawings/bench/rim';
import { rimBench as w } from '@cardinex/words/bench';
import { degrees } from '@cardinex/words/quantity';
import { DrawingView } from '../../../ui/drawing/DrawingView';
import { Figure } from '../../../ui/Figure';
import { Small } from '../../../ui/Words';
import type { CalculatorBench } from '../CalculatorBench';
import type { FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'deg', label: w.deg, kind: 'deg' },
  { key: 'rimDiaMm', label: w.diameter, kind: 'mm', optional: true },
  { key: 'teethTotal', label: w.teeth, kind: 'number', optional: true },
];

/** An angle of the crank in millimetres along a rim and in teeth of the ring gear. */
export const rimBench: CalculatorBench = {
  fields: FIELDS,
  answer: ({ figures }) => <OnRim found={rim(figures)} />,
};

function OnRim({ found }: { found: Rim }) {
  return (
    <View className="flex-row items-center gap-4">
      <DrawingView
        drawing={rimDrawing({ deg: found.deg, description: w.drawing(degrees(found.deg)) })}
        width={140}
        height={140}
      />
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
