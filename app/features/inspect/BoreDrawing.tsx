import { View } from 'react-native';
import Svg, { Line, Path, Text } from 'react-native-svg';
import { BORE_HEIGHTS, type BoreWearInput } from '@cardinex/core/block/boreWear';
import { inspectionBench as w } from '@cardinex/words/en/bench';
import { usePalette } from '../../ui/useTheme';
import { Small } from '../../ui/Words';

const WIDTH = 320;
const HEIGHT = 170;
const WALL = 96;
/** Wear is drawn this many times larger than it is, or nobody would see it. */
const TIMES = 120;
const MOST = 40;
const YS = { top: 34, middle: 85, bottom: 136 } as const;

interface Props extends Pick<BoreWearInput, 'readingsMm' | 'nominalMm'> {
  readonly label: string;
}

/** A bore in section: its walls as far out of nominal as they are worn, with the reading at each height. */
export function BoreDrawing({ readingsMm, nominalMm, label }: Props) {
  const c = usePalette();
  const out = (mm: number): number => Math.max(-MOST, Math.min(MOST, (mm - nominalMm) * TIMES));
  const wall = (side: -1 | 1): string =>
    BORE_HEIGHTS.map((height, n) => {
      const x = WIDTH / 2 + side * (WALL + out(Math.max(...readingsMm[height])));
      return `${n === 0 ? 'M' : 'L'}${x.toFixed(1)} ${YS[height]}`;
    }).join(' ');
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
            {readingsMm[height].map((mm) => mm.toFixed(2)).join(' / ')}
          </Text>
        ))}
      </Svg>
    </View>
  );
}
