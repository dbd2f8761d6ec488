import { View } from 'react-native';
import Svg, { Rect, Text as SvgText } from 'react-native-svg';
import { feelersBench as w } from '@cardinex/words/en/bench';
import { lengthFigure } from '@cardinex/words/en/quantity';
import { useUnits } from '../../../device/preferences';
import { usePalette } from '../../../ui/useTheme';

const WIDTH = 340;
const THICKEST = 44;

/** Leaves laid together seen from the edge, thickest below, each as thick as it is to the others. */
export function LeavesDrawing({ leavesMm }: { leavesMm: readonly number[] }) {
  const c = usePalette();
  const units = useUnits();
  const scale = THICKEST / Math.max(...leavesMm);
  // A leaf too thin to write on still gets room for its figure.
  const heights = leavesMm.map((mm) => Math.max(mm * scale, 18));
  const height = heights.reduce((sum, one) => sum + one, 0) + 6;
  const bottoms = heights.map((_, place) =>
    heights.slice(0, place).reduce((sum, one) => sum + one, 3),
  );
  const named = leavesMm.map((mm) => lengthFigure(mm, units.length));
  return (
    <View role="img" aria-label={w.drawing(named.join(', '))}>
      <Svg
        width="100%"
        viewBox={`0 0 ${WIDTH} ${height}`}
        style={{ aspectRatio: WIDTH / height, maxHeight: 150 }}
        aria-hidden
      >
        {heights.map((tall, place) => {
          const y = height - (bottoms[place] ?? 0) - tall;
          return [
            <Rect
              key={`leaf-${place}`}
              x={2 + place * 10}
              y={y}
              width={WIDTH - 4 - place * 10}
              height={tall}
              fill={place % 2 === 0 ? c.tab : c.card}
              stroke={c.ink}
              strokeWidth={c.stroke}
            />,
            <SvgText
              key={`name-${place}`}
              x={WIDTH / 2}
              y={y + tall / 2 + 5.5}
              textAnchor="middle"
              fill={c.ink}
              fontSize={16}
              fontFamily="BarlowSemiCondensed_700Bold"
            >
              {named[place]}
            </SvgText>,
          ];
        })}
      </Svg>
    </View>
  );
}
