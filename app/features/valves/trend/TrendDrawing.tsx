import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import type { LashReading, LashTrend } from '@cardinex/core/overhead/lashTrend';
import { trendSentence } from '@cardinex/words/en/overhead';
import { overheadBench as w } from '@cardinex/words/en/overheadBench';
import { lengthFigure } from '@cardinex/words/en/quantity';
import { useUnits } from '../../../device/preferences';
import { DrawnWord } from '../../../ui/DrawnWord';
import { usePalette } from '../../../ui/useTheme';

interface Props {
  readonly readings: readonly LashReading[];
  readonly closesAtMm: number;
  readonly found: LashTrend;
}

interface Reaches {
  readonly atHours: number;
  readonly lowHours: number;
  readonly highHours: number;
}

/** When the line reaches the limit, where the readings tell. */
function reachesOf(found: LashTrend): Reaches | null {
  if (found.code !== 'closing' && found.code !== 'already-closed') return null;
  const { atHours, lowHours, highHours } = found;
  return atHours === undefined || lowHours === undefined || highHours === undefined
    ? null
    : { atHours, lowHours, highHours };
}

const WIDTH = 320;
const HEIGHT = 150;
const LEFT = 46;
const FOOT = 24;

/**
 * A gap over the hours: as found a dot, as left a ring above it, the line it closes along, and between
 * which hours it reaches its limit.
 */
export function TrendDrawing({ readings, closesAtMm, found }: Props) {
  const c = usePalette();
  const units = useUnits();
  const at = reachesOf(found);
  const [first, last] = [readings[0], readings.at(-1)];
  if (!first || !last) return null;
  const from = first.hours;
  const to = Math.max(
    last.hours,
    at ? Math.min(at.highHours, last.hours + 3 * (last.hours - from)) : 0,
    from + 1,
  );
  const gaps = readings.flatMap(({ mm, setMm = mm }) => [mm, setMm]);
  const most = Math.max(...gaps, closesAtMm) * 1.05;
  const least = Math.min(...gaps, closesAtMm) * 0.9;
  const x = (hours: number): number => LEFT + ((hours - from) / (to - from)) * (WIDTH - LEFT - 8);
  const y = (mm: number): number => 8 + ((most - mm) / (most - least || 1)) * (HEIGHT - FOOT - 8);
  const left = last.setMm ?? last.mm;
  return (
    <View role="img" aria-label={w.trend(trendSentence(found, units))}>
      <Svg
        width="100%"
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        style={{ aspectRatio: WIDTH / HEIGHT }}
        aria-hidden
      >
        {at ? (
          <Rect
            x={x(Math.max(from, at.lowHours))}
            y={8}
            width={Math.max(0, x(Math.min(to, at.highHours)) - x(Math.max(from, at.lowHours)))}
            height={HEIGHT - FOOT - 8}
            fill={c.brass}
            opacity={0.25}
          />
        ) : null}
        <Line
          x1={LEFT}
          x2={WIDTH}
          y1={y(closesAtMm)}
          y2={y(closesAtMm)}
          stroke={c.red}
          strokeWidth={3}
        />
        <DrawnWord
          x={LEFT / 2 - 2}
          y={y(closesAtMm) + 5}
          size={15}
          text={lengthFigure(closesAtMm, units.length)}
          fill={c.red}
        />
        {Math.abs(y(first.mm) - y(closesAtMm)) < 16 ? null : (
          <DrawnWord
            x={LEFT / 2 - 2}
            y={y(first.mm) + 5}
            size={15}
            text={lengthFigure(first.mm, units.length)}
            fill={c.ink}
          />
        )}
        <Line x1={LEFT} x2={LEFT} y1={8} y2={HEIGHT - FOOT} stroke={c.ink} strokeWidth={2} />
        <Line
          x1={LEFT}
          x2={WIDTH}
          y1={HEIGHT - FOOT}
          y2={HEIGHT - FOOT}
          stroke={c.ink}
          strokeWidth={2}
        />
        {readings.slice(1).map(({ hours, mm }, place) => {
          const before = readings[place];
          return before ? (
            <Line
              key={hours}
              x1={x(before.hours)}
              y1={y(before.setMm ?? before.mm)}
              x2={x(hours)}
              y2={y(mm)}
              stroke={c.ink}
              strokeWidth={2}
            />
          ) : null;
        })}
        {at && at.atHours > last.hours ? (
          <Path
            d={`M${x(last.hours)} ${y(left)} L${x(Math.min(to, at.atHours))} ${y(closesAtMm)}`}
            stroke={c.blue}
            strokeWidth={3}
            strokeDasharray="6 5"
            fill="none"
          />
        ) : null}
        {readings.map(({ hours, mm, setMm }) => (
          <G key={hours} x={x(hours)}>
            <Circle cy={y(mm)} r={5} fill={c.ink} />
            {setMm === undefined || setMm === mm ? null : (
              <Circle cy={y(setMm)} r={5} fill={c.card} stroke={c.ink} strokeWidth={2.5} />
            )}
          </G>
        ))}
        <DrawnWord
          x={LEFT + 16}
          y={HEIGHT - 6}
          size={15}
          text={`${from} ${w.hours}`}
          fill={c.ink}
        />
        <DrawnWord
          x={WIDTH - 26}
          y={HEIGHT - 6}
          size={15}
          text={`${Math.round(to)} ${w.hours}`}
          fill={c.ink}
        />
      </Svg>
    </View>
  );
}
