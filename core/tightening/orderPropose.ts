import {
  ReckoningFault,
  requireDistinct,
  requireNumber,
  requireSome,
} from '../quantity/reckoningFault';

export interface PlacedFastener {
  readonly id: string;
  readonly xMm: number;
  readonly yMm: number;
}

export type OrderPattern = 'spiral' | 'cross' | 'rows';

/** Places nearer than this count as one level, one row, one radius. */
const ALIKE_MM = 2;

/** A ring's radii differ by no more than this share of their mean. */
const RING_SHARE = 0.05;

/**
 * An order from the middle out, for when the manual gives none. It is our own proposal, and is to be
 * marked so.
 *
 * A single ring of fasteners (four or more, all as far from the middle) is always crossed. Else the
 * fasteners fall into levels by how far along the engine they stand from the middle of all, and
 * levels follow from the inmost out. *spiral*: within a level clockwise from the left. *cross*:
 * within a level each next is the one farthest from the last. *rows*: row by row from the top, each
 * from its middle outwards, the two ends by turns. Ties: nearer the cylinder-1 end, then the top,
 * then the order of the list.
 * @throws ReckoningFault on an empty list, a repeated id or a place that is no number
 * @example orderPropose({ fasteners, pattern: 'spiral' }) // ['f3', 'f8', 'f2', 'f4', …]
 */
export function orderPropose(input: {
  readonly fasteners: readonly PlacedFastener[];
  readonly pattern: OrderPattern;
}): readonly string[] {
  const { fasteners, pattern } = input;
  requirePlaced(fasteners);
  const middle = middleOf(fasteners);
  if (isRing(fasteners, middle)) return crossed(fasteners).map((f) => f.id);
  if (pattern === 'rows') return byRows(fasteners).map((f) => f.id);
  const levels = grouped(fasteners, (f) => Math.abs(f.xMm - middle.xMm));
  let last: PlacedFastener | null = null;
  const order: PlacedFastener[] = [];
  for (const level of levels) {
    const walked: readonly PlacedFastener[] =
      pattern === 'spiral' ? clockwise(level, middle) : crossed(level, last);
    order.push(...walked);
    last = walked.at(-1) ?? last;
  }
  return order.map((f) => f.id);
}

/** Refuses an empty list, a repeated id, or a place that is no number. */
export function requirePlaced(fasteners: readonly PlacedFastener[]): void {
  requireSome('fasteners', fasteners);
  requireDistinct(
    'fasteners',
    fasteners.map((f) => f.id),
  );
  fasteners.forEach((f, place) => {
    requireNumber(`fasteners[${place}].xMm`, f.xMm);
    requireNumber(`fasteners[${place}].yMm`, f.yMm);
  });
}

/** Refuses an order that names an unknown fastener, names one twice, or leaves one out. */
export function requireOrder(fasteners: readonly PlacedFastener[], order: readonly string[]): void {
  const known = new Set(fasteners.map(({ id }) => id));
  order.forEach((id, at) => {
    if (!known.has(id)) throw new ReckoningFault(`order[${at}]`, 'unknown-fastener', { id });
  });
  requireDistinct('order', order, null);
  const missed = fasteners.find(({ id }) => !order.includes(id));
  if (missed) throw new ReckoningFault('order', 'misses', { id: missed.id });
}

interface Point {
  readonly xMm: number;
  readonly yMm: number;
}

function middleOf(fasteners: readonly PlacedFastener[]): Point {
  const xs = fasteners.map((f) => f.xMm);
  const ys = fasteners.map((f) => f.yMm);
  return {
    xMm: (Math.min(...xs) + Math.max(...xs)) / 2,
    yMm: (Math.min(...ys) + Math.max(...ys)) / 2,
  };
}

function distance(a: Point, b: Point): number {
  return Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm);
}

function isRing(fasteners: readonly PlacedFastener[], middle: Point): boolean {
  if (fasteners.length < 4) return false;
  const radii = fasteners.map((f) => distance(f, middle));
  const mean = radii.reduce((sum, r) => sum + r, 0) / radii.length;
  return radii.every((r) => Math.abs(r - mean) <= mean * RING_SHARE);
}

/** Nearer the cylinder-1 end first, then the top; the list's own order where both are alike. */
function byPlace(a: Point, b: Point): number {
  return a.xMm - b.xMm || a.yMm - b.yMm;
}

/** Lists of those alike in some measure, from the least up. */
function grouped<F extends Point>(
  fasteners: readonly F[],
  measure: (fastener: F) => number,
): readonly (readonly F[])[] {
  const sorted = [...fasteners].sort((a, b) => measure(a) - measure(b) || byPlace(a, b));
  const groups: F[][] = [];
  for (const fastener of sorted) {
    const first = groups.at(-1)?.[0];
    if (first && measure(fastener) - measure(first) <= ALIKE_MM) groups.at(-1)?.push(fastener);
    else groups.push([fastener]);
  }
  return groups;
}

/** Each next is the one farthest from the last; the first is the nearest to the upper left. */
function crossed<F extends Point>(
  fasteners: readonly F[],
  from: Point | null = null,
): readonly F[] {
  const left = [...fasteners].sort(byPlace);
  const order: F[] = [];
  let last = from;
  while (left.length > 0) {
    const at = last;
    const next = at === null ? 0 : farthest(left, at);
    const [taken] = left.splice(next, 1);
    if (!taken) break;
    order.push(taken);
    last = taken;
  }
  return order;
}

function farthest(left: readonly Point[], from: Point): number {
  let best = 0;
  left.forEach((point, place) => {
    const than = left[best];
    if (than && distance(point, from) > distance(than, from) + 1e-6) best = place;
  });
  return best;
}

/** Round the middle, clockwise as seen, beginning at the left. */
function clockwise<F extends Point>(level: readonly F[], middle: Point): readonly F[] {
  const turn = (f: Point): number => {
    const fromLeft = Math.atan2(f.yMm - middle.yMm, f.xMm - middle.xMm) + Math.PI;
    return fromLeft > 2 * Math.PI - 1e-9 ? 0 : fromLeft;
  };
  return [...level].sort((a, b) => turn(a) - turn(b) || byPlace(a, b));
}

function byRows<F extends PlacedFastener>(fasteners: readonly F[]): readonly F[] {
  return grouped(fasteners, (f) => f.yMm).flatMap((row) => {
    const middle = middleOf(row);
    return [...row].sort(
      (a, b) => Math.abs(a.xMm - middle.xMm) - Math.abs(b.xMm - middle.xMm) || byPlace(a, b),
    );
  });
}
