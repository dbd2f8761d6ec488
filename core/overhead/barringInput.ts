import { inMillionths } from '../quantity/withinLimits';
import {
  ReckoningFault,
  requireDistinct,
  requireNumber,
  requireSome,
} from '../quantity/reckoningFault';
import { clearanceFrom, cycleDegrees, isRocking, wrap, type Strokes, type Window } from './cycle';

/** When one cylinder fires: the crank angle of its firing top dead centre after cylinder 1's. */
export interface Firing {
  readonly cylinder: number;
  readonly atDeg: number;
}

/** One thing that may only be set with its follower on the base circle. */
export interface OverheadItem {
  readonly id: string;
  readonly cylinder: number;
  readonly kind: string;
  /** The part of the cylinder's own cycle in which the follower is off its base circle. */
  readonly active: Window;
}

/** Which crank angles may be stopped at: dead centres, every whole degree, or those listed. */
export type Stops = 'tdc' | 'any' | readonly number[];

export interface Overhead {
  readonly strokes: Strokes;
  readonly firing: readonly Firing[];
  readonly items: readonly OverheadItem[];
  /** The least clearance, in crank degrees, at which an item may be set. */
  readonly marginDeg: number;
}

/**
 * Checks what the barring reckonings share.
 * @throws ReckoningFault naming the field
 */
export function requireOverhead(input: Overhead): void {
  requireSome('firing', input.firing);
  requireSome('items', input.items);
  requireDistinct(
    'firing',
    input.firing.map((f) => f.cylinder),
    'cylinder',
  );
  requireDistinct(
    'items',
    input.items.map((i) => i.id),
  );
  requireNumber('marginDeg', input.marginDeg);
  if (input.marginDeg < 0) throw new ReckoningFault('marginDeg', 'must-not-be-negative');
  input.firing.forEach((f, place) => requireNumber(`firing[${place}].atDeg`, f.atDeg));
  const cycle = cycleDegrees(input.strokes);
  const cylinders = new Set(input.firing.map((f) => f.cylinder));
  input.items.forEach((item, place) => {
    const at = `items[${place}]`;
    if (!cylinders.has(item.cylinder)) {
      throw new ReckoningFault(`${at}.cylinder`, 'unknown-cylinder', { cylinder: item.cylinder });
    }
    requireNumber(`${at}.active.fromDeg`, item.active.fromDeg);
    requireNumber(`${at}.active.toDeg`, item.active.toDeg);
    const length = wrap(item.active.toDeg - item.active.fromDeg, cycle);
    if (inMillionths(length) === 0 || inMillionths(length) === inMillionths(cycle)) {
      throw new ReckoningFault(`${at}.active`, 'window-without-length');
    }
  });
}

/** Crank angle of each cylinder's firing top dead centre, by cylinder. */
export function firingAngles(firing: readonly Firing[]): ReadonlyMap<number, number> {
  return new Map(firing.map((f) => [f.cylinder, f.atDeg]));
}

/** Clearance of an item with the crank at `atDeg`. See {@link clearanceFrom}. */
export function clearanceAt(
  item: OverheadItem,
  firesAt: ReadonlyMap<number, number>,
  atDeg: number,
  cycle: number,
): number {
  return clearanceFrom(item.active, wrap(atDeg - (firesAt.get(item.cylinder) ?? 0), cycle), cycle);
}

/** Cylinders to be seen rocking with the crank at `atDeg`, in firing order. */
export function rockingAt(
  { firing, strokes }: Pick<Overhead, 'firing' | 'strokes'>,
  atDeg: number,
): readonly number[] {
  const cycle = cycleDegrees(strokes);
  return firing
    .filter((fires) => isRocking(wrap(atDeg - fires.atDeg, cycle), strokes))
    .map(({ cylinder }) => cylinder);
}

/**
 * The crank angles a plan may stop at, each once, in [0, cycle).
 * @throws ReckoningFault `empty` for an empty list
 */
export function stopAngles(
  stops: Stops,
  firing: readonly Firing[],
  strokes: Strokes,
): readonly number[] {
  const cycle = cycleDegrees(strokes);
  if (stops === 'any') return Array.from({ length: cycle }, (_, degree) => degree);
  if (stops !== 'tdc') {
    requireSome('stops', stops);
    stops.forEach((stop, place) => requireNumber(`stops[${place}]`, stop));
  }
  const wanted =
    stops === 'tdc'
      ? firing.flatMap((f) => (strokes === 4 ? [f.atDeg, f.atDeg + 360] : [f.atDeg]))
      : stops;
  const byMillionths = new Map<number, number>();
  for (const angle of wanted) {
    const within = wrap(angle, cycle);
    const key = inMillionths(within) % inMillionths(cycle);
    if (!byMillionths.has(key)) byMillionths.set(key, key === 0 ? 0 : within);
  }
  return [...byMillionths.values()];
}
