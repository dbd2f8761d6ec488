import { View } from 'react-native';
import Svg, { Circle, G, Line, Polyline } from 'react-native-svg';
import type { TraceSample, TraceVerdict } from '@cardinex/core/tightening/traceVerdict';
import { traceSentence } from '@cardinex/words/en/clamp';
import { clampBench as w } from '@cardinex/words/en/clampBench';
import { DrawnWord } from '../../ui/DrawnWord';
import { torqueFigure } from '@cardinex/words/en/quantity';
import { useUnits } from '../../device/preferences';
import { usePalette } from '../../ui/useTheme';

interface Props {
  readonly samples: readonly TraceSample[];
  readonly found: TraceVerdict;
}

const WIDTH = 400;
const HEIGHT = 220;
const LEFT = 44;
const FOOT = 26;

/** Torque over turn, with where it seated, how steeply it clamped, and where it began to yield. */
export function TraceDrawing({ samples, found }: Props) {
  const c = usePalette();
  const units = useUnits();
  const from = samples[0]?.deg ?? 0;
  const turn = Math.max(1e-6, (samples.at(-1)?.deg ?? from) - from);
  const most = Math.max(1e-6, found.peakNm) * 1.08;
  const x = (deg: number): number => LEFT + ((deg - from) / turn) * (WIDTH - LEFT - 8);
  const y = (nm: number): number => HEIGHT - FOOT - (nm / most) * (HEIGHT - FOOT - 8);
  const { seatedAt, yieldedAt, slopeNmPerDeg } = found;
  const slopeTo = seatedAt && slopeNmPerDeg ? Math.min(turn, most / slopeNmPerDeg) : 0;
  return (
    <View role="img" aria-label={w.trace(traceSentence(found))}>
      <Svg
        width="100%"
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        style={{ aspectRatio: WIDTH / HEIGHT }}
        aria-hidden
      >
        <Line x1={LEFT} y1={4} x2={LEFT} y2={y(0)} stroke={c.soft} strokeWidth={c.stroke} />
        <Line x1={LEFT} y1={y(0)} x2={WIDTH} y2={y(0)} stroke={c.soft} strokeWidth={c.stroke} />
        {seatedAt && slopeNmPerDeg ? (
          <Line
            x1={x(seatedAt.deg)}
            y1={y(seatedAt.nm)}
            x2={x(seatedAt.deg + slopeTo * 0.9)}
            y2={y(seatedAt.nm + slopeNmPerDeg * slopeTo * 0.9)}
            stroke={c.soft}
            strokeWidth={2}
            strokeDasharray="6 5"
          />
        ) : null}
        <Polyline
          points={samples.map(({ deg, nm }) => `${x(deg)},${y(nm)}`).join(' ')}
          fill="none"
          stroke={c.blue}
          strokeWidth={3.5}
        />
        {seatedAt ? (
          <Marked at={[x(seatedAt.deg), y(seatedAt.nm)]} word={w.seat} tone={c.green} />
        ) : null}
        {yieldedAt ? (
          <Marked at={[x(yieldedAt.deg), y(yieldedAt.nm)]} word={w.yields} tone={c.red} />
        ) : null}
        <DrawnWord
          x={LEFT - 22}
          y={y(found.peakNm) + 6}
          size={16}
          text={torqueFigure(found.peakNm, units.torque)}
          fill={c.ink}
        />
        <DrawnWord x={LEFT - 22} y={y(0)} size={16} text="0" fill={c.ink} />
        <DrawnWord
          x={WIDTH - 24}
          y={HEIGHT - 6}
          size={16}
          text={`${Math.round(turn)}°`}
          fill={c.ink}
        />
      </Svg>
    </View>
  );
}

function Marked({
  at: [cx, cy],
  word,
  tone,
}: {
  at: readonly [number, number];
  word: string;
  tone: string;
}) {
  const c = usePalette();
  return (
    <G>
      <Circle cx={cx} cy={cy} r={7} fill={c.card} stroke={tone} strokeWidth={3} />
      <DrawnWord x={cx} y={cy - 13} size={16} text={word} fill={tone} />
    </G>
  );
}
