import type { GapVerdict } from '../overhead/lashVerdict';
import {
  ReckoningFault,
  requireNotNegative,
  requirePositive,
  requireSome,
} from '../quantity/reckoningFault';
import { atLeast, atMost } from '../quantity/withinLimits';

export interface ClearanceLimits {
  readonly lowMm?: number;
  readonly highMm?: number;
}

export interface RunningClearanceInput {
  /** The bearing's readings with its cap pulled. */
  readonly boreMm: readonly number[];
  readonly journalMm: readonly number[];
  readonly limits: ClearanceLimits;
}

export interface RunningClearance {
  /** Least bore less largest journal: where it would bind. */
  readonly smallestMm: number;
  /** Greatest bore less least journal: where it would knock. */
  readonly largestMm: number;
  /** The smallest against the low limit. */
  readonly smallest: GapVerdict;
  /** The largest against the high limit. */
  readonly largest: GapVerdict;
}

/**
 * The least and the greatest clearance a journal can have in its bearing. Never means: a mean hides an oval
 * bore on an oval journal.
 * @throws ReckoningFault on an empty list or a size that cannot be
 * @example runningClearance({ boreMm: [80.06, 80.07], journalMm: [79.99, 80], limits: { lowMm: 0.05, highMm: 0.1 } })
 */
export function runningClearance(input: RunningClearanceInput): RunningClearance {
  const { boreMm, journalMm, limits } = input;
  for (const [field, list] of Object.entries({ boreMm, journalMm })) {
    requireSome(field, list);
    list.forEach((mm, place) => requirePositive(`${field}[${place}]`, mm));
  }
  requireClearanceLimits(limits);
  const smallestMm = Math.min(...boreMm) - Math.max(...journalMm);
  const largestMm = Math.max(...boreMm) - Math.min(...journalMm);
  return {
    smallestMm,
    largestMm,
    smallest: againstLow(smallestMm, limits),
    largest: againstHigh(largestMm, limits),
  };
}

/**
 * The same where the clearance itself was read, by strip or leaf: no size of either is known.
 * @param readMm across the bearing, or at its places
 * @throws ReckoningFault on an empty list or limits that cannot be
 * @example clearanceRead([0.06, 0.08], { lowMm: 0.05, highMm: 0.1 }).largest // 'within'
 */
export function clearanceRead(
  readMm: readonly number[],
  limits: ClearanceLimits,
): RunningClearance {
  requireSome('readMm', readMm);
  readMm.forEach((mm, place) => requireNotNegative(`readMm[${place}]`, mm));
  requireClearanceLimits(limits);
  const smallestMm = Math.min(...readMm);
  const largestMm = Math.max(...readMm);
  return {
    smallestMm,
    largestMm,
    smallest: againstLow(smallestMm, limits),
    largest: againstHigh(largestMm, limits),
  };
}

/** Low and high the right way round, and neither below zero. */
export function requireClearanceLimits({ lowMm, highMm }: ClearanceLimits): void {
  for (const [name, limit] of Object.entries({ lowMm, highMm })) {
    if (limit !== undefined) requireNotNegative(`limits.${name}`, limit);
  }
  if (lowMm !== undefined && highMm !== undefined && !atMost(lowMm, highMm)) {
    throw new ReckoningFault('limits.highMm', 'range-upside-down');
  }
}

function againstLow(mm: number, { lowMm }: ClearanceLimits): GapVerdict {
  if (lowMm === undefined) return 'no-limit';
  return atLeast(mm, lowMm) ? 'within' : 'tight';
}

function againstHigh(mm: number, { highMm }: ClearanceLimits): GapVerdict {
  if (highMm === undefined) return 'no-limit';
  return atMost(mm, highMm) ? 'within' : 'loose';
}

/** One measure against both its limits; `no-limit` only where neither was given. */
export function againstBoth(mm: number, limits: ClearanceLimits): GapVerdict {
  const low = againstLow(mm, limits);
  const high = againstHigh(mm, limits);
  return low === 'tight' || high === 'no-limit' ? low : high;
}
