import Svg, { Circle, Line } from 'react-native-svg';
import type { GapTrend } from '@cardinex/core/job/overhauls';
import { usePalette } from '../../../ui/useTheme';

const WIDTH = 72;
const HEIGHT = 30;

/** A gap over its overhauls, as small as tells whether it closes: found to found, its limit below. */
export function TrendSmall({ readings, closesAtMm }: GapTrend) {
  const c = usePalette();
  const gaps = readings.map(({ mm }) => mm);
  const most = Math.max(...gaps, closesAtMm);
  const least = Math.min(...gaps, closesAtMm);
  const from = readings[0]?.hours ?? 0;
  const to = readings.at(-1)?.hours ?? 1;
  const x = (hours: number): number => 5 + ((hours - from) / (to - from || 1)) * (WIDTH - 10);
  const y = (mm: number): number => 5 + ((most - mm) / (most - least || 1)) * (HEIGHT - 10);
  return (
    <Svg width={WIDTH} height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden>
      <Line
        x1={0}
        x2={WIDTH}
        y1={y(closesAtMm)}
        y2={y(closesAtMm)}
        stroke={c.red}
        strokeWidth={2}
      />
      {readings.slice(1).map(({ hours, mm }, place) => {
        const before = readings[place];
        return before ? (
          <Line
            key={hours}
            x1={x(before.hours)}
            y1={y(before.mm)}
            x2={x(hours)}
            y2={y(mm)}
            stroke={c.ink}
            strokeWidth={2}
          />
        ) : null;
      })}
      {readings.map(({ hours, mm }) => (
        <Circle key={hours} cx={x(hours)} cy={y(mm)} r={3} fill={c.ink} />
      ))}
    </Svg>
  );
}
