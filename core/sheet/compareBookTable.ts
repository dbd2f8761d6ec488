import { clearanceAt, firingAngles } from '../overhead/barringInput';
import { cycleDegrees } from '../overhead/cycle';
import { atLeast } from '../quantity/withinLimits';
import type { EngineSheet } from './engineSheet';
import { memoizeByObject } from './memoize';
import { overheadOf } from './overheadOf';

interface BookTableComparison {
  /** Valves the book sets where the cam is on them, or too near, by our reckoning. */
  readonly doubtful: readonly {
    readonly valve: string;
    readonly atDeg: number;
    readonly clearanceDeg: number;
  }[];
  /** Valves the book's table leaves out. */
  readonly missing: readonly string[];
  readonly agrees: boolean;
}

/**
 * Holds the manual's own valve table against the cam events: the book wins, but where it sets a
 * valve that we reckon is lifted, or never sets one, the mechanic should know before barring.
 * @returns null when the sheet has no table, or too little to hold it against
 */
export const compareBookTable = memoizeByObject(
  (sheet: EngineSheet): BookTableComparison | null => {
    const table = sheet.overhead?.bookTable;
    const overhead = overheadOf(sheet);
    if (!table || typeof overhead === 'string') return null;
    const cycle = cycleDegrees(sheet.strokes);
    const firesAt = firingAngles(overhead.firing);
    const doubtful = table.positions.flatMap(({ atDeg, set }) =>
      set.flatMap((valve) => {
        const item = overhead.items.find((i) => i.id === valve);
        if (!item) return [];
        const clearanceDeg = clearanceAt(item, firesAt, atDeg, cycle);
        return atLeast(clearanceDeg, overhead.marginDeg) ? [] : [{ valve, atDeg, clearanceDeg }];
      }),
    );
    const covered = new Set(table.positions.flatMap((p) => p.set));
    const missing = overhead.items.map((item) => item.id).filter((id) => !covered.has(id));
    return { doubtful, missing, agrees: doubtful.length === 0 && missing.length === 0 };
  },
);
