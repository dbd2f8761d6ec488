import type { ClockRing, RingClock } from '@cardinex/core/piston/ringClock';
import { clockArc, clockPoint } from '../kit/polar';
import {
  box,
  circle,
  line,
  path,
  pointingUp,
  shapes,
  sizeWithin,
  word,
  type Part,
} from '../kit/shapes';
import type { Drawing, Point, Role } from '../shape';

interface RingClockFacts {
  /** From the crown down. */
  readonly rings: readonly ClockRing[];
  readonly found: RingClock;
  readonly thrustDeg: 90 | 270;
  readonly keepClearDeg: number;
  readonly description: string;
  readonly pin: string;
  readonly thrust: string;
  /** What the top of the drawing points to: "fan end". */
  readonly towards: string;
}

const WIDTH = 340;
const HEIGHT = 306;
const CX = WIDTH / 2;
const CY = HEIGHT / 2 + 4;
const MIDDLE: Point = [CX, CY];
const CROWN = 104;
/** Half of the opening drawn at a gap. */
const OPEN_DEG = 6;

/** The crown from above as a clock: pin, thrust side, what must stay clear, and the gap of every ring. */
export function ringClockDrawing(facts: RingClockFacts): Drawing {
  const { rings, found, thrustDeg, keepClearDeg, description } = facts;
  const step = Math.min(17, 66 / rings.length);
  return {
    kind: 'ring-clock',
    description,
    frame: { x: 0, y: 0, width: WIDTH, height: HEIGHT },
    shapes: shapes(
      [0, 180, thrustDeg].map((deg) =>
        path(`${clockArc(deg - keepClearDeg, deg + keepClearDeg, CROWN, MIDDLE)} L${CX} ${CY} Z`, {
          fill: 'tab',
        }),
      ),
      circle(CX, CY, CROWN, { stroke: 'ink', weight: { lines: 1 } }),
      box(CX - 13, CY - 26, 26, 52, { corner: 3, fill: 'paper', stroke: 'soft', weight: 1.5 }),
      word(CX, CY + 5, 14, facts.pin, 'soft'),
      path(clockArc(thrustDeg - 24, thrustDeg + 24, CROWN + 4, MIDDLE), {
        stroke: 'ink',
        weight: 6,
      }),
      found.places.map(({ id, deg }, at) => {
        const radius = CROWN - 8 - at * step;
        const expander = rings[at]?.kind === 'expander';
        const tone = found.tooNear.includes(id) ? 'stop' : expander ? 'soft' : 'now';
        return [
          path(clockArc(deg + OPEN_DEG, deg + 360 - OPEN_DEG, radius, MIDDLE), {
            stroke: tone,
            weight: 4,
            dash: expander ? [6, 5] : undefined,
          }),
          tag(deg, radius, labelRadius(found, at), String(at + 1), tone),
        ];
      }),
      pointingUp(CX, 13, 15, facts.towards),
      word(
        thrustDeg === 90 ? WIDTH - 26 : 26,
        CY + 40,
        sizeWithin(50, 14, facts.thrust),
        facts.thrust,
        'soft',
      ),
    ),
  };
}

/** Outside the crown; further out where another gap stands at the same place. */
function labelRadius({ places }: RingClock, at: number): number {
  const before = places.slice(0, at).filter(({ deg }) => deg === places[at]?.deg).length;
  return CROWN + 17 + before * 23;
}

function tag(deg: number, from: number, out: number, text: string, tone: Role): Part {
  const [x, y] = clockPoint(deg, out, MIDDLE);
  const [x1, y1] = clockPoint(deg, from, MIDDLE);
  const [x2, y2] = clockPoint(deg, out - 11, MIDDLE);
  return [
    line(x1, y1, x2, y2, { stroke: tone, weight: 1.5 }),
    circle(x, y, 11, { fill: 'paper', stroke: tone, weight: 2 }),
    word(x, y + 5, 15, text, tone),
  ];
}
