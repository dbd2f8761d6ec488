import { clockArc, clockPoint, hexagon } from '../kit/polar';
import { circle, line, path, polygon, roundDrawing } from '../kit/shapes';
import type { Drawing, Line, Look } from '../shape';

interface ProtractorFacts {
  readonly deg: number;
  /** How far it has been turned; null where nobody counts. */
  readonly turnedDeg: number | null;
  readonly description: string;
}

const SIZE = 104;
const RIM = 44;
/** How far past its angle a turn may read before it counts as too far. */
const SLIP_DEG = 3;
const THIN: Look = { stroke: 'soft', weight: { lines: 1 } };

/** A turn counted from the paint mark at the top: how far to go, and how far it is. */
export function protractorDrawing({ deg, turnedDeg, description }: ProtractorFacts): Drawing {
  const shown = Math.min(359, deg);
  return roundDrawing(
    { kind: 'protractor', description, width: SIZE, height: SIZE },
    circle(0, 0, RIM, THIN),
    Array.from({ length: 12 }, (_, at) => ray(at * 30, RIM - 6, RIM, THIN)),
    path(clockArc(0, shown, RIM), { stroke: 'now', weight: 8 }),
    turnedDeg !== null &&
      turnedDeg > 0 &&
      path(clockArc(0, Math.min(359, turnedDeg), RIM - 11), {
        stroke: turnedDeg > deg + SLIP_DEG ? 'stop' : 'within',
        weight: 7,
      }),
    ray(shown, 8, RIM + 6, { stroke: 'now', weight: 4 }),
    polygon(
      [
        [-6, -52],
        [6, -52],
        [0, -40],
      ],
      { fill: 'ink' },
    ),
    polygon(hexagon(13), { fill: 'paper', stroke: 'ink', weight: { lines: 1 } }),
  );
}

function ray(deg: number, from: number, to: number, look: Look): Line {
  const [x1, y1] = clockPoint(deg, from);
  const [x2, y2] = clockPoint(deg, to);
  return line(x1, y1, x2, y2, look);
}
