import { clearanceAt, firingAngles } from '../overhead/barringInput';
import type { BarringPlan } from '../overhead/barringPlan';
import { cycleDegrees } from '../overhead/cycle';
import type { EngineSheet } from './engineSheet';
import { overheadOf } from './overheadOf';

/** A valve that the book and a plan set with the crank at different places. */
export interface BookDifference {
  readonly valve: string;
  readonly bookDeg: number;
  /** How far its cam is away where the book sets it; below zero it is on it. */
  readonly bookClearanceDeg: number;
  readonly planDeg: number;
  readonly planClearanceDeg: number;
}

/**
 * Where a plan and the manual's own table differ, valve by valve, with how far the cam is away at either
 * place. Both may be right: a valve can be set over a wide part of the cycle.
 * @returns none where the sheet has no table, or too little to reckon by
 */
export function bookAgainstPlan(sheet: EngineSheet, plan: BarringPlan): readonly BookDifference[] {
  const positions = sheet.overhead?.bookTable?.positions;
  const overhead = overheadOf(sheet);
  if (!positions || typeof overhead === 'string') return [];
  const cycle = cycleDegrees(sheet.strokes);
  const firesAt = firingAngles(overhead.firing);
  return overhead.items.flatMap((item) => {
    const book = positions.filter(({ set }) => set.includes(item.id));
    const own = plan.positions.find(({ set }) => set.some(({ id }) => id === item.id));
    if (!own || book.length === 0 || book.some(({ atDeg }) => atDeg === own.atDeg)) return [];
    const [{ atDeg: bookDeg } = { atDeg: 0 }] = book;
    return [
      {
        valve: item.id,
        bookDeg,
        bookClearanceDeg: clearanceAt(item, firesAt, bookDeg, cycle),
        planDeg: own.atDeg,
        planClearanceDeg: clearanceAt(item, firesAt, own.atDeg, cycle),
      },
    ];
  });
}
