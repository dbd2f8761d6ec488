import type { Firing } from '@cardinex/core/overhead/barringInput';
import { wrap } from '@cardinex/core/overhead/cycle';
import type { Rotation } from '@cardinex/core/sheet/spec/layout';
import { clockArc, clockPoint } from '../kit/polar';
import { circle, line, type Part, path, polygon, roundDrawing, word } from '../kit/shapes';
import type { Drawing } from '../shape';

interface CrankClockFacts {
  readonly rotation: Pick<Rotation, 'direction'>;
  readonly firing: readonly Firing[];
  /** Where the crank stands, in degrees of crank; the marks stand so. */
  readonly standsAtDeg: number;
  /** How far to bar; null while that is not known. */
  readonly barDeg: number | null;
  /** What stands in the middle, as large as its room: the way to bar, or that nothing is to be barred. */
  readonly figure: string;
  /** Under it: which way, and how far along the rim. */
  readonly captions: readonly string[];
  readonly description: string;
}

const SIZE = 300;
/** Beside the rim there is room for cylinders that share a mark. */
const WIDTH = 400;
const RIM = 118;
const ARROW = 96;

/**
 * The crank as a clock face seen from the named end. The pointer at the top is fixed on the
 * engine; the cylinders' dead-centre marks stand on the rim where they are now and run with it.
 */
export function crankClockDrawing(facts: CrankClockFacts): Drawing {
  const { rotation, firing, standsAtDeg, barDeg, figure, captions, description } = facts;
  const turns = rotation.direction === 'clockwise' ? 1 : -1;
  // High enough that the lowest of several lines clears an arrow that goes all the way round.
  const lines =
    captions.length > 1 ? { figure: -26, size: 48, first: 0 } : { figure: 0, size: 54, first: 26 };
  return roundDrawing(
    { kind: 'crank-clock', description, width: WIDTH, height: SIZE },
    circle(0, 0, RIM, { stroke: 'ink', weight: { lines: 1 } }),
    Array.from({ length: 36 }, (_, place) => tick(place * 10, place % 3 === 0)),
    marksOnRim(firing, standsAtDeg).map(({ behindDeg, cylinders }) =>
      rimMark(turns * behindDeg, cylinders.join(' · ')),
    ),
    polygon(
      [
        [-11, -137],
        [11, -137],
        [0, -114],
      ],
      { fill: 'stop' },
    ),
    barDeg !== null && barDeg !== 0 && barArrow(barDeg, turns),
    word(0, lines.figure, lines.size, figure, 'now'),
    captions.map((text, place) =>
      word(0, lines.first + place * 22, 17, text, 'soft', { face: 'text' }),
    ),
  );
}

interface MarkOnRim {
  /** How far past the pointer the mark has run, in the running direction. */
  readonly behindDeg: number;
  readonly cylinders: readonly number[];
}

/** Cylinders that share a dead centre share a mark. */
function marksOnRim(firing: readonly Firing[], standsAt: number): MarkOnRim[] {
  const byAngle = new Map<number, number[]>();
  for (const { cylinder, atDeg } of firing) {
    const behind = Math.round(wrap(standsAt - atDeg, 360));
    byAngle.set(
      behind,
      [...(byAngle.get(behind) ?? []), cylinder].sort((a, b) => a - b),
    );
  }
  return [...byAngle].map(([behindDeg, cylinders]) => ({ behindDeg, cylinders }));
}

function tick(deg: number, long: boolean): Part {
  const [x1, y1] = clockPoint(deg, RIM);
  const [x2, y2] = clockPoint(deg, RIM - (long ? 12 : 7));
  return line(x1, y1, x2, y2, { stroke: 'ink', weight: { lines: long ? 1 : 0.5 } });
}

function rimMark(deg: number, text: string): Part {
  const [x, y] = clockPoint(deg, RIM + 19);
  const [markX, markY] = clockPoint(deg, RIM - 2);
  // At the top the pointer stands where the mark's name would.
  const atTop = Math.abs(wrap(deg + 180, 360) - 180) < 15;
  // Beside the rim a long name runs outwards, never over it.
  const aside = !atTop && Math.abs(x) > RIM * 0.7;
  const [nameX, nameY] = atTop ? [34, -RIM - 12] : [aside ? x - Math.sign(x) * 8 : x, y];
  return [
    circle(markX, markY, 6, { fill: 'ink' }),
    word(nameX, nameY + 7, 21, text, 'ink', {
      anchor: aside ? (x > 0 ? 'start' : 'end') : 'middle',
    }),
  ];
}

/** An arc in the running direction, as long as the way to bar. */
function barArrow(deg: number, turns: 1 | -1): Part {
  const sweep = Math.min(deg, 335);
  const end = turns * (sweep - 9);
  return [
    path(clockArc(0, end, ARROW), { stroke: 'now', weight: 8 }),
    polygon(
      [clockPoint(turns * sweep, ARROW), clockPoint(end, ARROW + 15), clockPoint(end, ARROW - 15)],
      { fill: 'now' },
    ),
  ];
}
