import type { GapTrend } from '@cardinex/core/job/overhauls';
import type { LashReading, LashTrend } from '@cardinex/core/overhead/lashTrend';
import { linearScale } from '../kit/scale';
import { box, circle, group, line, shapes, word } from '../kit/shapes';
import type { Drawing, Look, Shape } from '../shape';

interface TrendFacts {
  readonly readings: readonly LashReading[];
  readonly closesAtMm: number;
  readonly found: LashTrend;
  readonly description: string;
  readonly figure: (mm: number) => string;
  readonly hours: (hours: number) => string;
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
const FOOT = HEIGHT - 24;
const AXIS: Look = { stroke: 'ink', weight: 2 };
/** Two figures beside the axis nearer than this would be printed over each other. */
const APART = 16;

/**
 * A gap over the hours: as found a dot, as left a ring above it, the line it closes along, and between
 * which hours it reaches its limit. Null while nothing was read.
 */
export function trendDrawing(facts: TrendFacts): Drawing | null {
  const { readings, closesAtMm, found, description, figure, hours } = facts;
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
  const x = linearScale([from, to], [LEFT, WIDTH - 8]);
  const y = linearScale([most, least], [8, FOOT]);
  const limit = y(closesAtMm);
  const [low, high] = at ? [Math.max(from, at.lowHours), Math.min(to, at.highHours)] : [0, 0];
  return {
    kind: 'valve-trend',
    description,
    frame: { x: 0, y: 0, width: WIDTH, height: HEIGHT },
    shapes: shapes(
      at &&
        box(x(low), 8, Math.max(0, x(high) - x(low)), FOOT - 8, { fill: 'waiting', opacity: 0.25 }),
      line(LEFT, limit, WIDTH, limit, { stroke: 'stop', weight: 3 }),
      word(LEFT / 2 - 2, limit + 5, 15, figure(closesAtMm), 'stop'),
      Math.abs(y(first.mm) - limit) >= APART &&
        word(LEFT / 2 - 2, y(first.mm) + 5, 15, figure(first.mm), 'ink'),
      line(LEFT, 8, LEFT, FOOT, AXIS),
      line(LEFT, FOOT, WIDTH, FOOT, AXIS),
      readings.slice(1).map((reading, place) => {
        const before = readings[place];
        return (
          before &&
          line(x(before.hours), y(before.setMm ?? before.mm), x(reading.hours), y(reading.mm), AXIS)
        );
      }),
      at && at.atHours > last.hours
        ? line(x(last.hours), y(last.setMm ?? last.mm), x(Math.min(to, at.atHours)), limit, {
            stroke: 'now',
            weight: 3,
            dash: [6, 5],
          })
        : null,
      readings.map(({ hours: atHours, mm, setMm }) =>
        group(
          { x: x(atHours) },
          circle(0, y(mm), 5, { fill: 'ink' }),
          setMm !== undefined &&
            setMm !== mm &&
            circle(0, y(setMm), 5, { fill: 'paper', stroke: 'ink', weight: 2.5 }),
        ),
      ),
      word(LEFT + 16, HEIGHT - 6, 15, hours(from), 'ink'),
      word(WIDTH - 26, HEIGHT - 6, 15, hours(Math.round(to)), 'ink'),
    ),
  };
}

/** Width and height of a gap's small trend. */
export const SMALL_TREND = { x: 0, y: 0, width: 72, height: 30 } as const;

/** A gap over its overhauls, as small as tells whether it closes: found to found, its limit below. */
export function smallTrend({
  readings,
  closesAtMm,
}: Pick<GapTrend, 'readings' | 'closesAtMm'>): readonly Shape[] {
  const gaps = readings.map(({ mm }) => mm);
  const { width, height } = SMALL_TREND;
  const x = linearScale([readings[0]?.hours ?? 0, readings.at(-1)?.hours ?? 1], [5, width - 5]);
  const y = linearScale(
    [Math.max(...gaps, closesAtMm), Math.min(...gaps, closesAtMm)],
    [5, height - 5],
  );
  return shapes(
    line(0, y(closesAtMm), width, y(closesAtMm), { stroke: 'stop', weight: 2 }),
    readings.slice(1).map(({ hours, mm }, place) => {
      const before = readings[place];
      return before && line(x(before.hours), y(before.mm), x(hours), y(mm), AXIS);
    }),
    readings.map(({ hours, mm }) => circle(x(hours), y(mm), 3, { fill: 'ink' })),
  );
}
