import { apart } from '../overhead/cycle';
import {
  ReckoningFault,
  requireAtMost,
  requireDistinct,
  requireNotNegative,
  requireSome,
} from '../quantity/reckoningFault';
import { atLeast } from '../quantity/withinLimits';

export interface ClockRing {
  readonly id: string;
  readonly kind: 'compression' | 'oil' | 'expander';
}

/** Where on the crown, clockwise seen from above it; 0 at the pin end towards the named end. */
export interface RingClockInput {
  /** From the crown down; one to six besides expanders. */
  readonly rings: readonly ClockRing[];
  /** Spread evenly, or each opposite the one above. */
  readonly rule: 'even' | 'opposed';
  readonly pinDeg: 0;
  /** 90 where the crank turns clockwise seen from the named end, else 270. */
  readonly thrustDeg: 90 | 270;
  /** Least distance of a gap from either pin end and from the thrust side. */
  readonly keepClearDeg: number;
}

export interface RingPlace {
  readonly id: string;
  /** Where its gap goes; for an expander, its joint. */
  readonly deg: number;
  /** To the nearest of pin ends and thrust side; absent for an expander, which is not counted. */
  readonly clearDeg?: number;
}

export interface RingClock {
  readonly places: readonly RingPlace[];
  /** Between the gaps of rings next to each other; null with a single ring. */
  readonly smallestSeparationDeg: number | null;
  readonly leastClearDeg: number;
  readonly verdict: 'clear' | 'too-near';
  /** Rings whose gap comes nearer than asked. */
  readonly tooNear: readonly string[];
}

/** Most rings besides expanders. */
export const MOST_RINGS = 6;

/**
 * Where each ring gap goes round the piston.
 *
 * *even*: as many equal places as rings, given out so that the smallest separation of neighbouring
 * rings is as large as can be, then their sum; of equals the one that goes clockwise first. *opposed*:
 * each 180 from the one above. An expander's joint stands 180 from the gap of its own oil ring, the
 * one just before it in the list, else just after. Then the whole is turned by whole degrees so that
 * the least distance of a gap from pin ends and thrust side is greatest; of equals the smallest turn.
 * All orders and all turns are tried, so the answer is exact.
 * @throws ReckoningFault naming the field
 * @example
 * // Two compression rings, an oil ring and its expander, evenly, pin at 0 and thrust side at 90.
 * ringClock(input).places.map(({ deg }) => deg) // [30, 150, 270, 90]
 */
export function ringClock(input: RingClockInput): RingClock {
  const { rings, rule, pinDeg, thrustDeg, keepClearDeg } = input;
  requireSome('rings', rings);
  requireDistinct(
    'rings',
    rings.map(({ id }) => id),
  );
  requireNotNegative('keepClearDeg', keepClearDeg);
  const counted = rings.filter(({ kind }) => kind !== 'expander');
  requireSome('rings', counted);
  requireAtMost('rings', counted.length, MOST_RINGS);
  const base = rule === 'even' ? evenPlaces(counted.length) : opposedPlaces(counted.length);
  const avoid = [pinDeg, pinDeg + 180, thrustDeg];
  const clearOf = (deg: number): number => Math.min(...avoid.map((at) => apart(deg, at, 360)));
  const clearAt = (turn: number): number => Math.min(...base.map((deg) => clearOf(deg + turn)));
  const turn = firstBest(360, clearAt);
  const gaps = base.map((deg) => (deg + turn) % 360);
  const degOf = new Map(counted.map(({ id }, at) => [id, gaps[at] ?? 0]));
  const places = rings.map(({ id, kind }, at): RingPlace => {
    if (kind === 'expander')
      return { id, deg: ((degOf.get(oilRingOf(rings, at)) ?? 0) + 180) % 360 };
    const deg = degOf.get(id) ?? 0;
    return { id, deg, clearDeg: clearOf(deg) };
  });
  const tooNear = places
    .filter(({ clearDeg = Infinity }) => !atLeast(clearDeg, keepClearDeg))
    .map(({ id }) => id);
  const separations = neighbourly(gaps);
  return {
    places,
    smallestSeparationDeg: separations.length > 0 ? Math.min(...separations) : null,
    leastClearDeg: clearAt(turn),
    verdict: tooNear.length === 0 ? 'clear' : 'too-near',
    tooNear,
  };
}

/** The oil ring an expander stands behind. */
function oilRingOf(rings: readonly ClockRing[], at: number): string {
  const own = [rings[at - 1], rings[at + 1]].find((ring) => ring?.kind === 'oil');
  if (!own) throw new ReckoningFault(`rings[${at}].kind`, 'no-oil-ring');
  return own.id;
}

function opposedPlaces(count: number): readonly number[] {
  return Array.from({ length: count }, (_, nth) => (nth % 2) * 180);
}

/** The first ring at 0; the rest in the order that keeps neighbours furthest apart. */
function evenPlaces(count: number): readonly number[] {
  const step = 360 / count;
  const orders = permutations(Array.from({ length: count - 1 }, (_, nth) => (nth + 1) * step));
  let best: readonly number[] = [0];
  let merit: readonly [number, number] = [-1, -1];
  for (const order of orders) {
    const places = [0, ...order];
    const separations = neighbourly(places);
    const one = [Math.min(...separations), separations.reduce((sum, deg) => sum + deg, 0)] as const;
    if (one[0] > merit[0] || (one[0] === merit[0] && one[1] > merit[1])) {
      [best, merit] = [places, one];
    }
  }
  return best;
}

/** Every order of a list, in order of its places. */
function permutations(list: readonly number[]): readonly (readonly number[])[] {
  if (list.length === 0) return [[]];
  return list.flatMap((first, at) =>
    permutations([...list.slice(0, at), ...list.slice(at + 1)]).map((rest) => [first, ...rest]),
  );
}

/** Between the gaps of each ring and the next. */
function neighbourly(gaps: readonly number[]): readonly number[] {
  return gaps.slice(1).map((deg, above) => apart(deg, gaps[above] ?? 0, 360));
}

/** The smallest whole number below `count` at which a merit is greatest. */
function firstBest(count: number, merit: (at: number) => number): number {
  let best = 0;
  for (let at = 1; at < count; at += 1) if (merit(at) > merit(best)) best = at;
  return best;
}
