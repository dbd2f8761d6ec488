import { median } from '../quantity/median';
import { inMillionths } from '../quantity/withinLimits';

export interface LockShiftInput {
  /** As locked less as set, of the items of one kind done so far. */
  readonly shiftsMm: readonly number[];
  readonly lowMm: number;
  readonly highMm: number;
  readonly aimMm: number;
}

export interface LockShift {
  /** By how much locking moves a gap here; above nothing it opens. */
  readonly shiftMm: number;
  /** How many it was learnt from. */
  readonly from: number;
  /** What to set, so that it is right once locked; within the limits. */
  readonly setToMm: number;
}

/** From fewer it is not told from a slip of the hand. */
const FEWEST = 2;
/** A leaf tells no less. */
const LEAST_MM = 0.01;

/**
 * What locking has done to the gaps before this one, and what to set so that this one is right once
 * locked. The median of what was seen: one that slipped does not count for more than the others.
 * @returns null while too few were locked, or locking moves nothing that a leaf could tell
 * @example lockShift({ shiftsMm: [0.02, 0.02], lowMm: 0.3, highMm: 0.4, aimMm: 0.35 })?.setToMm // 0.33
 */
export function lockShift({ shiftsMm, lowMm, highMm, aimMm }: LockShiftInput): LockShift | null {
  if (shiftsMm.length < FEWEST) return null;
  const shiftMm = median(shiftsMm);
  if (inMillionths(Math.abs(shiftMm)) < inMillionths(LEAST_MM)) return null;
  const setToMm = Math.min(highMm, Math.max(lowMm, aimMm - shiftMm));
  return { shiftMm, from: shiftsMm.length, setToMm };
}
