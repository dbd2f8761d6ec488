import { pathNumber } from '../../ui/pathNumber';
import { View } from 'react-native';
import Svg, { Line, Path, Text } from 'react-native-svg';
import { BORE_HEIGHTS, type BoreHeight, type BoreWearInput } from '@cardinex/core/block/boreWear';
import { inspectionBench as w } from '@cardinex/words/en/bench';
import { lengthFigure } from '@cardinex/words/en/quantity';
import { useUnits } from '../../device/preferences';
import { usePalette } from '../../ui/useTheme';
import { Small } from '../../ui/Words';

const WIDTH = 320;
const HEIGHT = 170;
const WALL = 96;
/** Wear is drawn this many times larger than it is, or nobody would see it. */
const TIMES = 120;
const MOST = 40;
const YS = { top: 34, middle: 85, bottom: 136 } as const;

interface Props extends Pick<BoreWearInput, 'nominalMm'> {
  /** At each height along and across; null where it has not been read. */
  readonly readingsMm: Readonly<Record<BoreHeight, readonly (number | null)[]>>;
  readonly label: string;
}

/** A bore in section: its walls as far out of nominal as they are worn, with the reading at each height. */
export function BoreDrawing({ readingsMm, nominalMm, label }: Props) {
  const c = usePalette();
  const units = useUnits();
  const out = (mm: number): number => Math.max(-MOST, Math.min(MOST, (mm - nominalMm) * TIMES));
  const wall = (side: -1 | 1): string =>
    BORE_HEIGHTS.flatMap((height) => {
      const read = readingsMm[height].filter((mm) => mm !== null);
      return read.length > 0
        ? [`${pathNumber(WIDTH / 2 + side * (WALL + out(Math.max(...read))))} ${YS[height]}`]
        : [];
    })
      .map((point, n) => `${n === 0 ? 'M' : 'L'}${point}`)
      .join(' ');
  const figure = (mm: number | null): string =>
    mm === null ? '–' : lengthFigure(mm, units.length);
  return (
    <View role="img" aria-label={w.boreDrawing(label)}>
      <Small>{w.boreView}</Small>
      <Svg width="100%" height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden>
        {([-1, 1] as const).map((side) => (
          <Line
            key={side}
            x1={WIDTH / 2 + side * WALL}
            x2={WIDTH / 2 + side * WALL}
            y1={12}
            y2={HEIGHT - 12}
            stroke={c.soft}
            strokeWidth={1.5}
            strokeDasharray="4 4"
          />
        ))}
        {([-1, 1] as const).map((side) => (
          <Path key={side} d={wall(side)} stroke={c.ink} strokeWidth={c.stroke + 1} fill="none" />
        ))}
        {BORE_HEIGHTS.map((height) => (
          <Text
            key={height}
            x={WIDTH / 2}
            y={YS[height] + 6}
            fontSize={17}
            fontFamily="BarlowSemiCondensed_700Bold"
            textAnchor="middle"
            fill={c.ink}
          >
            {readingsMm[height].map(figure).join(' / ')}
          </Text>
        ))}
      </Svg>
    </View>
  );
}
