import { View } from 'react-native';
import Svg, { Circle, G, Line, Rect, Text } from 'react-native-svg';
import {
  STRAIGHTEDGE_LINES,
  type HeadFlatnessInput,
  type StraightedgeLine,
} from '@cardinex/core/block/headFlatness';
import { atMost } from '@cardinex/core/quantity/withinLimits';
import type { SetMap } from '@cardinex/core/sheet/spec/fastening';
import { inspectionBench as w } from '@cardinex/words/en/bench';
import { lineName } from '@cardinex/words/en/straightedge';
import { length, lengthFigure } from '@cardinex/words/en/quantity';
import { useUnits } from '../../device/preferences';
import { usePalette } from '../../ui/useTheme';
import { Small } from '../../ui/Words';

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
  /** The line being read now. */
  readonly current?: StraightedgeLine | undefined;
  /** The head's own map, for its bores. */
  readonly map?: SetMap | undefined;
  readonly onPress?: (line: StraightedgeLine) => void;
}

/**
 * A head's face with the straightedge lines on it: those not read yet dotted, the one in hand blue,
 * those over the limit heavy and broken.
 */
export function StraightedgeDrawing({ readings, limitMm, current, map, onPress }: Props) {
  const c = usePalette();
  const units = useUnits();
  const gaps = new Map(readings.map(({ line, gapMm }) => [line, gapMm]));
  const said = STRAIGHTEDGE_LINES.map((line) => {
    const gap = gaps.get(line);
    return gap === undefined
      ? `${lineName(line)} not read`
      : `${lineName(line)} ${length(gap, units)}`;
  });
  const look = (line: StraightedgeLine) => {
    const gap = gaps.get(line);
    if (line === current) return { stroke: c.blue, strokeWidth: 5 };
    if (gap === undefined) return { stroke: c.soft, strokeWidth: 1.5, strokeDasharray: '2 5' };
    return atMost(gap, limitMm)
      ? { stroke: c.green, strokeWidth: 2 }
      : { stroke: c.red, strokeWidth: 4, strokeDasharray: '10 5' };
  };
  return (
    <View role="img" aria-label={w.headDrawing(said.join(', '))}>
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
        {map ? <Bores map={map} /> : null}
        {STRAIGHTEDGE_LINES.map((line) => {
          const [x1, y1, x2, y2] = LINES[line];
          return (
            <Line
              key={line}
              x1={x1}
              y1={y1}
              x2={x2}
              y2={y2}
              {...look(line)}
              {...(onPress && { onPress: () => onPress(line) })}
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

/** The combustion faces of the cylinders, for orientation; turned over, seen from below. */
function Bores({ map }: { map: SetMap }) {
  const c = usePalette();
  const scale = Math.min((WIDTH - 2 * EDGE) / map.widthMm, (HEIGHT - 2 * EDGE) / map.heightMm);
  const x = (mm: number): number => WIDTH / 2 + (mm - map.widthMm / 2) * scale;
  const y = (mm: number): number => HEIGHT / 2 - (mm - map.heightMm / 2) * scale;
  return (map.bores ?? []).map(({ cylinder, xMm, yMm, diaMm }) => (
    <G key={cylinder}>
      <Circle
        cx={x(xMm)}
        cy={y(yMm)}
        r={(diaMm / 2) * scale}
        fill="none"
        stroke={c.rule}
        strokeWidth={1.5}
      />
      <Text
        x={x(xMm)}
        y={BOTTOM + 4}
        fontSize={13}
        fontFamily="BarlowSemiCondensed_600SemiBold"
        textAnchor="middle"
        fill={c.soft}
      >
        {cylinder}
      </Text>
    </G>
  ));
}
