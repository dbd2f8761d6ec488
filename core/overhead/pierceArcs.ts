/**
 * Which few stops of a circle touch every arc?
 *
 * Stops are numbered 0 … count−1 in the order they are reached going forward. Each arc is the set
 * of stops at which one item may be set; because a cam's clearance rises to one peak and falls
 * again round the cycle, that set is one unbroken run of stops, which may wrap past the end.
 *
 * Cut the circle at the start: an arc is then a plain run [start, end], or a wrapping one that
 * covers both [0, end] and [start, count−1]. Once the first stop is chosen, each wrapping arc is
 * either touched by it or reduced to its tail, and the rest is the classic line problem: take the
 * earliest end, stop there, drop what that touches, go on. Trying every first stop makes it exact.
 */
export class ArcSet {
  /** At [x]: the earliest end among plain arcs that start at x or later; `count` when none. */
  private readonly earliestEndFrom: Int32Array;
  /** At [x]: the latest start among wrapping arcs whose head ends before x; −1 when none. */
  private readonly latestTailBefore: Int32Array;
  private readonly latestPlainStart: number;
  private readonly earliestPlainEnd: number;

  private constructor(
    private readonly count: number,
    runs: readonly Run[],
  ) {
    this.earliestEndFrom = new Int32Array(count + 1).fill(count);
    this.latestTailBefore = new Int32Array(count + 1).fill(-1);
    let latestPlainStart = -1;
    let earliestPlainEnd = count;
    for (const { start, end } of runs) {
      if (start <= end) {
        this.earliestEndFrom[start] = Math.min(this.earliestEndFrom[start] ?? count, end);
        latestPlainStart = Math.max(latestPlainStart, start);
        earliestPlainEnd = Math.min(earliestPlainEnd, end);
      } else {
        this.latestTailBefore[end + 1] = Math.max(this.latestTailBefore[end + 1] ?? -1, start);
      }
    }
    for (let x = count - 1; x >= 0; x -= 1) {
      this.earliestEndFrom[x] = Math.min(
        at(this.earliestEndFrom, x),
        at(this.earliestEndFrom, x + 1),
      );
    }
    for (let x = 1; x <= count; x += 1) {
      this.latestTailBefore[x] = Math.max(
        at(this.latestTailBefore, x),
        at(this.latestTailBefore, x - 1),
      );
    }
    this.latestPlainStart = latestPlainStart;
    this.earliestPlainEnd = earliestPlainEnd;
  }

  /**
   * @param rows one row an item: its clearance at each stop
   * @param least an item may be set at a stop where its clearance is this or more; same unit
   * @returns null when some row has no stop at all
   */
  static from(rows: readonly Float64Array[], least: number): ArcSet | null {
    const runs: Run[] = [];
    for (const row of rows) {
      const run = runOf(row, least);
      if (run === null) return null;
      runs.push(run);
    }
    return new ArcSet(rows[0]?.length ?? 0, runs);
  }

  /** The fewest stops that touch every arc, or Infinity when none do, using stops up to `last`. */
  fewest(last: number): number {
    if (this.latestPlainStart > last) return Infinity;
    let best = Infinity;
    for (let first = 0; first <= Math.min(last, this.earliestPlainEnd); first += 1) {
      best = Math.min(best, 1 + this.neededAfter(first, first, last));
    }
    return best;
  }

  /**
   * The stops that come first in order: the earliest first stop, then the earliest second, …
   * @param size the fewest stops possible up to `last`, from {@link fewest}
   */
  earliest(size: number, last: number): number[] {
    const chosen: number[] = [];
    let bound = Math.min(last, this.earliestPlainEnd);
    let stop = 0;
    while (chosen.length < size) {
      const first = chosen[0] ?? stop;
      if (stop > bound) throw new Error('no such set of stops: size was not the fewest');
      if (this.neededAfter(chosen.length === 0 ? stop : first, stop, last) < size - chosen.length) {
        chosen.push(stop);
        bound = Math.min(last, at(this.earliestEndFrom, stop + 1));
      }
      stop += 1;
    }
    return chosen;
  }

  /** How many more stops are needed after `current`, all beyond it, when `first` was the first. */
  private neededAfter(first: number, current: number, last: number): number {
    let needed = 0;
    let reached = current;
    for (;;) {
      const end = at(this.earliestEndFrom, reached + 1);
      if (end === this.count) break;
      reached = Math.min(end, last);
      needed += 1;
    }
    const tail = at(this.latestTailBefore, first);
    if (tail <= reached) return needed;
    return tail <= last ? needed + 1 : Infinity;
  }
}

interface Run {
  readonly start: number;
  readonly end: number;
}

/** The one unbroken run of permitted stops; wrapping when start > end; null when there is none. */
function runOf(row: Float64Array, least: number): Run | null {
  const count = row.length;
  let start = -1;
  let end = -1;
  let before = (row[count - 1] ?? -Infinity) >= least;
  for (let stop = 0; stop < count; stop += 1) {
    const isHere = (row[stop] ?? -Infinity) >= least;
    if (isHere && !before) start = stop;
    if (before && !isHere) end = (stop + count - 1) % count;
    before = isHere;
  }
  if (start < 0) return before ? { start: 0, end: count - 1 } : null;
  return { start, end };
}

function at(list: Int32Array, place: number): number {
  return list[place] ?? 0;
}
