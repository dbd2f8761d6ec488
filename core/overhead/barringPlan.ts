import { inMillionths } from '../quantity/withinLimits';
import { requireNumber } from '../quantity/reckoningFault';
import {
  clearanceAt,
  firingAngles,
  requireOverhead,
  rockingAt,
  stopAngles,
  type Overhead,
  type Stops,
} from './barringInput';
import { cycleDegrees, forwardDistance } from './cycle';
import { ArcSet } from './pierceArcs';

export interface BarringPlanInput extends Overhead {
  readonly stops: Stops;
  /** Where the crank stands, after cylinder 1's firing top dead centre. Default 0. */
  readonly startDeg?: number;
  /** What is worth more once the positions are fewest: room to spare, or less barring. */
  readonly prefer?: 'clearance' | 'barring';
}

export interface BarringPosition {
  readonly atDeg: number;
  /** How far to bar forward from the position before, or from the start. */
  readonly barDeg: number;
  /** Cylinders to see rocking here; being one turn out inverts the plan. */
  readonly rockingCylinders: readonly number[];
  readonly set: readonly { readonly id: string; readonly clearanceDeg: number }[];
}

export interface BarringPlan {
  readonly positions: readonly BarringPosition[];
  readonly totalBarDeg: number;
  /** Null when nothing can be set. */
  readonly smallestClearanceDeg: number | null;
  readonly neverSettable: readonly string[];
}

/**
 * Where to stop the crank so that every item can be set, and what to set at each stop.
 *
 * Exact, in this order of merit: fewest positions; the largest smallest clearance, then the least
 * barring (or the other way about with `prefer: 'barring'`); then the positions that come first.
 * Positions stand in the order reached going forward from `startDeg`, never backward; each item
 * stands at the chosen position where its clearance is greatest (tie: the first reached).
 *
 * Both "clearance at least c" and "last stop at most d" only shrink as c rises and d falls, so each
 * is found by halving, with {@link ArcSet} answering exactly how many stops are needed.
 * @throws ReckoningFault naming the field that cannot be worked with
 * @example
 * barringPlan({ strokes: 4, firing, items, marginDeg: 20, stops: [0, 360] }).positions.length // 2
 */
export function barringPlan(input: BarringPlanInput): BarringPlan {
  requireOverhead(input);
  const startDeg = input.startDeg ?? 0;
  requireNumber('startDeg', startDeg);
  const table = new ClearanceTable(input, startDeg);
  const margin = inMillionths(input.marginDeg);
  const settable = table.rowsReaching(margin);
  const neverSettable = input.items.filter((_, row) => !settable.includes(row)).map((i) => i.id);
  if (settable.length === 0) {
    return { positions: [], totalBarDeg: 0, smallestClearanceDeg: null, neverSettable };
  }
  const stops = bestStops(table, settable, margin, input.prefer ?? 'clearance');
  return { ...layOut(input, table, settable, stops), neverSettable };
}

/** Clearance of every item at every stop, stops in the order reached from the start. */
class ClearanceTable {
  readonly stops: readonly { readonly atDeg: number; readonly forwardDeg: number }[];
  readonly clearances: readonly Float64Array[];
  readonly millionths: readonly Float64Array[];

  constructor(input: BarringPlanInput, startDeg: number) {
    const cycle = cycleDegrees(input.strokes);
    const firesAt = firingAngles(input.firing);
    this.stops = stopAngles(input.stops, input.firing, input.strokes)
      .map((atDeg) => ({ atDeg, forwardDeg: forwardFrom(startDeg, atDeg, cycle) }))
      .sort((a, b) => a.forwardDeg - b.forwardDeg);
    this.clearances = input.items.map((item) =>
      Float64Array.from(this.stops, (stop) => clearanceAt(item, firesAt, stop.atDeg, cycle)),
    );
    this.millionths = this.clearances.map((row) => row.map(inMillionths));
  }

  /** The items that reach this clearance (in millionths of a degree) at some stop. */
  rowsReaching(margin: number): number[] {
    return this.millionths.flatMap((row, index) => (row.some((c) => c >= margin) ? [index] : []));
  }

  arcs(rows: readonly number[], margin: number): ArcSet | null {
    const picked = rows.flatMap((row) => this.millionths[row] ?? []);
    return ArcSet.from(picked, margin);
  }

  clearance(row: number, stop: number): number {
    return this.clearances[row]?.[stop] ?? -Infinity;
  }

  millionth(row: number, stop: number): number {
    return this.millionths[row]?.[stop] ?? -Infinity;
  }
}

/** Forward distance, with an angle that differs from the start by rounding alone counted as there. */
function forwardFrom(startDeg: number, atDeg: number, cycle: number): number {
  const distance = forwardDistance(startDeg, atDeg, cycle);
  return inMillionths(distance) % inMillionths(cycle) === 0 ? 0 : distance;
}

function bestStops(
  table: ClearanceTable,
  rows: readonly number[],
  margin: number,
  prefer: 'clearance' | 'barring',
): number[] {
  const lastStop = table.stops.length - 1;
  const size = table.arcs(rows, margin)?.fewest(lastStop) ?? Infinity;
  const reaches = (clearance: number, last: number): boolean =>
    (table.arcs(rows, clearance)?.fewest(last) ?? Infinity) <= size;
  const levels = clearanceLevels(table, rows, margin);
  const bestClearance = (last: number): number =>
    levels[lastTrue(levels.length, (level) => reaches(levels[level] ?? Infinity, last))] ?? margin;
  const leastLast = (clearance: number): number => {
    const arcs = table.arcs(rows, clearance);
    const enough = (spare: number): boolean => (arcs?.fewest(lastStop - spare) ?? Infinity) <= size;
    return lastStop - lastTrue(lastStop + 1, enough);
  };

  let last = lastStop;
  let clearance = margin;
  if (prefer === 'clearance') {
    clearance = bestClearance(lastStop);
    last = leastLast(clearance);
  } else {
    last = leastLast(margin);
    clearance = bestClearance(last);
  }
  const arcs = table.arcs(rows, clearance);
  if (arcs === null) throw new Error('the best clearance was not reachable');
  return arcs.earliest(size, last);
}

/** The clearances that occur, from the margin up: the smallest clearance of a plan is one of them. */
function clearanceLevels(table: ClearanceTable, rows: readonly number[], margin: number): number[] {
  const levels = new Set<number>([margin]);
  for (const row of rows) {
    for (const clearance of table.millionths[row] ?? []) {
      if (clearance > margin) levels.add(clearance);
    }
  }
  return [...levels].sort((a, b) => a - b);
}

/** The last place below `count` for which `holds`, given that it holds at 0 and never again after it fails. */
function lastTrue(count: number, holds: (place: number) => boolean): number {
  let low = 0;
  let high = count - 1;
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if (holds(middle)) low = middle;
    else high = middle - 1;
  }
  return low;
}

function layOut(
  input: BarringPlanInput,
  table: ClearanceTable,
  rows: readonly number[],
  stops: readonly number[],
): Omit<BarringPlan, 'neverSettable'> {
  const chosenFor = new Map<number, number>(
    rows.map((row) => [
      row,
      stops.reduce((best, stop) =>
        table.millionth(row, stop) > table.millionth(row, best) ? stop : best,
      ),
    ]),
  );
  let stoodAt = 0;
  const positions = stops.map((stop) => {
    const { atDeg = 0, forwardDeg = 0 } = table.stops[stop] ?? {};
    const barDeg = forwardDeg - stoodAt;
    stoodAt = forwardDeg;
    return {
      atDeg,
      barDeg,
      rockingCylinders: rockingAt(input, atDeg),
      set: rows
        .filter((row) => chosenFor.get(row) === stop)
        .map((row) => ({
          id: input.items[row]?.id ?? '',
          clearanceDeg: table.clearance(row, stop),
        })),
    };
  });
  const clearances = positions.flatMap((position) => position.set.map((item) => item.clearanceDeg));
  return {
    positions,
    totalBarDeg: stoodAt,
    smallestClearanceDeg: Math.min(...clearances),
  };
}
