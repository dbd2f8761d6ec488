import { View } from 'react-native';
import Svg, { G, Line, Rect, Text } from 'react-native-svg';
import type { HeadFlatnessInput, StraightedgeLine } from '@cardinex/core/block/headFlatness';
import { atMost } from '@cardinex/core/quantity/withinLimits';
import { inspectionBench as w } from '@cardinex/words/en/bench';
import { lineName } from '@cardinex/words/en/inspection';
import { length, lengthFigure } from '@cardinex/words/en/quantity';
import { useUnits } from '../../../device/preferences';
import { usePalette } from '../../../ui/useTheme';
import { Small } from '../../../ui/Words';

const WIDTH = 320;
const HEIGHT = 150;
const EDGE = 12;

type Drawn = readonly [x1: number, y1: number, x2: number, y2: number];

const [LEFT, RIGHT, TOP, BOTTOM] = [EDGE + 10, WIDTH - EDGE - 10, EDGE + 10, HEIGHT - EDGE - 10];

const LINES: Readonly<Record<StraightedgeLine, Drawn>> = {
  long: [LEFT, HEIGHT / 2, RIGHT, HEIGHT / 2],
  cross: [WIDTH / 2, TOP, WIDTH / 2, BOTTOM],
  'diagonal-1': [LEFT, TOP, RIGHT, BOTTOM],
  'diagonal-2': [LEFT, BOTTOM, RIGHT, TOP],
};

/** Where each line's figure stands: a fifth of the way along, clear of where all of them meet. */
const SHARE = 0.2;

interface Props {
  readonly readings: HeadFlatnessInput['readings'];
  readonly limitMm: number;
}

/** A head's face with the straightedge lines read on it; those over the limit drawn heavy and broken. */
export function StraightedgeDrawing({ readings, limitMm }: Props) {
  const c = usePalette();
  const units = useUnits();
  const worst = readings.reduce((most, one) => (one.gapMm > most.gapMm ? one : most));
  const label = w.headDrawing(`${length(worst.gapMm, units)} ${lineName(worst.line)}`);
  return (
    <View role="img" aria-label={label}>
      <Small>{w.headView}</Small>
      <Svg width="100%" height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden>
        <Rect
          x={EDGE}
          y={EDGE}
          width={WIDTH - 2 * EDGE}
          height={HEIGHT - 2 * EDGE}
          rx={10}
          fill="none"
          stroke={c.ink}
          strokeWidth={c.stroke}
        />
        {readings.map(({ line, gapMm }) => {
          const [x1, y1, x2, y2] = LINES[line];
          const flat = atMost(gapMm, limitMm);
          return (
            <Line
              key={line}
              x1={x1}
              y1={y1}
              x2={x2}
              y2={y2}
              stroke={flat ? c.green : c.red}
              strokeWidth={flat ? 2 : 4}
              {...(!flat && { strokeDasharray: '10 5' })}
            />
          );
        })}
        {readings.map(({ line, gapMm }) => {
          const [x1, y1, x2, y2] = LINES[line];
          const [x, y] = [x1 + (x2 - x1) * SHARE, y1 + (y2 - y1) * SHARE];
          const text = {
            x,
            y: y + 6,
            fontSize: 18,
            fontFamily: 'BarlowSemiCondensed_700Bold',
            textAnchor: 'middle' as const,
          };
          const figure = lengthFigure(gapMm, units.length);
          // First its edge in the card's colour, so that it can be read where a line runs under it.
          return (
            <G key={line}>
              <Text {...text} fill={c.card} stroke={c.card} strokeWidth={6}>
                {figure}
              </Text>
              <Text {...text} fill={c.ink}>
                {figure}
              </Text>
            </G>
          );
        })}
      </Svg>
    </View>
  );
}
