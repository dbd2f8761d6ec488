import { atLeast } from '../quantity/withinLimits';
import { clearanceAt, firingAngles, rockingAt, type Overhead } from './barringInput';
import type { BarringPlan, BarringPosition } from './barringPlan';
import { cycleDegrees, forwardDistance, wrap } from './cycle';

/** A stop somebody else has chosen, and what is to be set there. */
export interface ChosenStop {
  readonly atDeg: number;
  readonly own: readonly string[];
}

/**
 * A plan of stops that were chosen by a rule or a book, in the order reached going forward.
 *
 * Each item is set at the stop that claims it, where it may be; one that no stop claims, or not where it
 * may be set, goes to the stop at which its clearance is greatest. Stops with nothing to set are left out.
 * @param trusted is what a stop claims set there whatever the clearance? So it is with a manual's own table
 */
export function planAt(
  overhead: Overhead,
  stops: readonly ChosenStop[],
  {
    startDeg = 0,
    trusted = false,
  }: { readonly startDeg?: number; readonly trusted?: boolean } = {},
): BarringPlan {
  const { strokes, firing, items, marginDeg } = overhead;
  const cycle = cycleDegrees(strokes);
  const firesAt = firingAngles(firing);
  const reached = merged(stops, cycle)
    .map((stop) => ({ ...stop, forwardDeg: forwardDistance(startDeg, stop.atDeg, cycle) }))
    .sort((a, b) => a.forwardDeg - b.forwardDeg);
  const placed = items.map((item) => {
    const clearance = (atDeg: number): number => clearanceAt(item, firesAt, atDeg, cycle);
    const claims = reached.filter(
      ({ own, atDeg }) =>
        own.includes(item.id) && (trusted || atLeast(clearance(atDeg), marginDeg)),
    );
    const open = reached.filter(({ atDeg }) => atLeast(clearance(atDeg), marginDeg));
    const among = claims.length > 0 ? claims : open;
    const stop = among.reduce<(typeof reached)[number] | null>(
      (best, entry) =>
        best === null || clearance(entry.atDeg) > clearance(best.atDeg) ? entry : best,
      null,
    );
    return { id: item.id, stop, clearanceDeg: stop ? clearance(stop.atDeg) : 0 };
  });
  let stoodAt = 0;
  const positions = reached.flatMap((stop): BarringPosition[] => {
    const set = placed.filter((each) => each.stop === stop);
    if (set.length === 0) return [];
    const barDeg = stop.forwardDeg - stoodAt;
    stoodAt = stop.forwardDeg;
    return [
      {
        atDeg: stop.atDeg,
        barDeg,
        rockingCylinders: rockingAt(overhead, stop.atDeg),
        set: set.map(({ id, clearanceDeg }) => ({ id, clearanceDeg })),
      },
    ];
  });
  const clearances = positions.flatMap(({ set }) => set.map(({ clearanceDeg }) => clearanceDeg));
  return {
    positions,
    totalBarDeg: stoodAt,
    smallestClearanceDeg: clearances.length > 0 ? Math.min(...clearances) : null,
    neverSettable: placed.filter(({ stop }) => stop === null).map(({ id }) => id),
  };
}

/** Stops at one angle are one stop. */
function merged(stops: readonly ChosenStop[], cycle: number): readonly ChosenStop[] {
  const byAngle = new Map<number, string[]>();
  for (const { atDeg, own } of stops) {
    const at = wrap(atDeg, cycle);
    byAngle.set(at, [...(byAngle.get(at) ?? []), ...own]);
  }
  return [...byAngle].map(([atDeg, own]) => ({ atDeg, own }));
}
