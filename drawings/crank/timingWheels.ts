import type { MarkPlace, TimingSpec, TimingWheel } from '@cardinex/core/sheet/spec/timing';
import { clockPoint } from '../kit/polar';
import { circle, LETTER, line, polygon, shapes, word, type Part } from '../kit/shapes';
import type { Drawing, Point } from '../shape';
import type { PartStanding } from './standing';

interface TimingWheelsFacts {
  readonly timing: TimingSpec;
  /** How each mark stands, by its number from 1. */
  readonly standing: (mark: number) => PartStanding;
  readonly description: string;
  readonly teeth: (count: number) => string;
  /** What is written of a chain or belt, where the sheet counts its links or teeth. */
  readonly links?: string | undefined;
}

const WIDTH = 380;
const HEIGHT = 270;
const MARGIN = 24;
const NAME_SIZE = 18;
/** Room kept between a name and the rim of its wheel, for a mark that stands there. */
const NAME_ROOM = 14;

/**
 * The timing wheels as they are seen, each with its name and teeth, and every mark where it stands. What is
 * in hand is a cross-hair, set a disc, wrong a triangle, open a ring: told apart by shape. Null where the
 * sheet names no wheels.
 */
export function timingWheelsDrawing(facts: TimingWheelsFacts): Drawing | null {
  const { timing, standing, description, teeth, links } = facts;
  const { wheels = [], markPlaces = [], drive } = timing;
  if (wheels.length === 0) return null;
  const fit = fitInto(wheels, drive);
  const placed = wheels.map((wheel) => ({ ...wheel, ...fit(wheel) }));
  const find = (id: string | undefined) => placed.find((wheel) => wheel.id === id);
  return {
    kind: 'timing-wheels',
    description,
    frame: { x: 0, y: 0, width: WIDTH, height: HEIGHT },
    shapes: shapes(
      drive !== 'gears' && chain(placed),
      placed.map((wheel) => [
        circle(wheel.x, wheel.y, wheel.r, {
          fill: 'paper',
          stroke: 'ink',
          weight: { lines: 1.6 },
          dash: drive === 'gears' ? toothOn(wheel) : undefined,
        }),
        wheelName(wheel, teeth(wheel.teeth)),
      ]),
      markPlaces.map((place) => {
        const wheel = find(place.wheel);
        return wheel && markShape(pointOf(place, wheel, find(place.meets)), standing(place.mark));
      }),
      links !== undefined && word(WIDTH - 4, HEIGHT - 8, 15, links, 'soft', { anchor: 'end' }),
    ),
  };
}

interface Placed extends TimingWheel {
  readonly x: number;
  readonly y: number;
  readonly r: number;
}

/** Inside the wheel where there is room, else on the side that is nearer to the edge. */
function wheelName({ x, y, r, name }: Placed, teeth: string): Part {
  const half = (name.length * NAME_SIZE * LETTER) / 2;
  const inside = half + NAME_ROOM <= r;
  const aside = x + (x > WIDTH / 2 ? 1 : -1) * (r + NAME_ROOM + half);
  const at = inside ? x : Math.min(Math.max(aside, half), WIDTH - half);
  return [
    circle(x, y, 3, { fill: 'ink' }),
    word(at, y - 7, NAME_SIZE, name, 'ink'),
    word(at, y + 21, NAME_SIZE, teeth, 'soft'),
  ];
}

/** Fits the wheels into the drawing: gears touch, sprockets stand apart. */
function fitInto(wheels: readonly TimingWheel[], drive: TimingSpec['drive']) {
  const radius = radiiOf(wheels, drive);
  const left = Math.min(...wheels.map((wheel) => wheel.xMm - radius(wheel)));
  const right = Math.max(...wheels.map((wheel) => wheel.xMm + radius(wheel)));
  const low = Math.min(...wheels.map((wheel) => wheel.yMm - radius(wheel)));
  const high = Math.max(...wheels.map((wheel) => wheel.yMm + radius(wheel)));
  const factor = Math.min(
    (WIDTH - 2 * MARGIN) / (right - left),
    (HEIGHT - 2 * MARGIN) / (high - low),
  );
  const x0 = (WIDTH - (right - left) * factor) / 2;
  const y0 = (HEIGHT - (high - low) * factor) / 2;
  return (wheel: TimingWheel) => ({
    x: x0 + (wheel.xMm - left) * factor,
    y: y0 + (high - wheel.yMm) * factor,
    r: radius(wheel) * factor,
  });
}

/** One tooth is as long on every wheel: the radius that makes the two nearest gears touch. */
function radiiOf(wheels: readonly TimingWheel[], drive: TimingSpec['drive']) {
  const perTooth = wheels.flatMap((wheel, nth) =>
    wheels
      .slice(nth + 1)
      .map(
        (next) =>
          Math.hypot(wheel.xMm - next.xMm, wheel.yMm - next.yMm) / (wheel.teeth + next.teeth),
      ),
  );
  const nearest = Math.min(...perTooth) * (drive === 'gears' ? 1 : 0.85);
  return ({ teeth }: TimingWheel): number => teeth * nearest;
}

/** Where a mark is seen: where two wheels mesh, or at an angle of its own. */
function pointOf(place: MarkPlace, wheel: Placed, meets: Placed | undefined): Point {
  if (!meets) return clockPoint(place.atDeg ?? 0, wheel.r, [wheel.x, wheel.y]);
  const way = Math.hypot(meets.x - wheel.x, meets.y - wheel.y) || 1;
  return [
    wheel.x + ((meets.x - wheel.x) / way) * wheel.r,
    wheel.y + ((meets.y - wheel.y) / way) * wheel.r,
  ];
}

function toothOn({ r, teeth }: Placed): readonly [number, number] {
  const tooth = Math.max(1.5, (Math.PI * r) / teeth);
  return [tooth, tooth];
}

/** The run of the chain, from wheel to wheel round the outside. */
function chain(wheels: readonly Placed[]): Part {
  const middle = {
    x: wheels.reduce((sum, { x }) => sum + x, 0) / wheels.length,
    y: wheels.reduce((sum, { y }) => sum + y, 0) / wheels.length,
  };
  const round = [...wheels].sort(
    (a, b) =>
      Math.atan2(a.y - middle.y, a.x - middle.x) - Math.atan2(b.y - middle.y, b.x - middle.x),
  );
  return round.map((from, nth) => {
    const to = round[(nth + 1) % round.length] ?? from;
    const way = Math.hypot(to.x - from.x, to.y - from.y) || 1;
    // Clockwise round the wheels the outside lies to the left of the way.
    const [nx, ny] = [(to.y - from.y) / way, -(to.x - from.x) / way];
    return line(from.x + nx * from.r, from.y + ny * from.r, to.x + nx * to.r, to.y + ny * to.r, {
      stroke: 'ink',
      weight: 5,
      dash: [5, 3],
    });
  });
}

function markShape([x, y]: Point, standing: PartStanding): Part {
  switch (standing) {
    case 'now':
      return [
        circle(x, y, 14, { stroke: 'now', weight: 4 }),
        line(x - 22, y, x + 22, y, { stroke: 'now', weight: 3 }),
        line(x, y - 22, x, y + 22, { stroke: 'now', weight: 3 }),
      ];
    case 'failed':
      return polygon(
        [
          [x, y - 11],
          [x + 12, y + 9],
          [x - 12, y + 9],
        ],
        { fill: 'stop' },
      );
    case 'done':
      return circle(x, y, 9, { fill: 'within' });
    case 'open':
      return circle(x, y, 9, { fill: 'paper', stroke: 'soft', weight: 3 });
  }
}
