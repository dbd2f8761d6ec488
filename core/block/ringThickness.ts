import {
  againstLeast,
  againstLimit,
  type LeastVerdict,
  type LimitVerdict,
} from '../quantity/limitVerdict';
import { ReckoningFault, requireNotNegative, requirePositive } from '../quantity/reckoningFault';

/** Places a sealing ring is measured at, a quarter of its round apart. */
export const RING_PLACES = 4;

export interface RingThicknessInput {
  readonly readingsMm: readonly number[];
  readonly newMm?: number;
  readonly limits: { readonly minMm: number; readonly spreadMm?: number };
}

export interface RingThickness {
  readonly leastMm: number;
  /** Largest less smallest. */
  readonly spreadMm: number;
  readonly thickness: LeastVerdict;
  readonly spread: LimitVerdict;
  /** Lost since new at the thinnest place. */
  readonly lostMm?: number;
}

/**
 * Whether a sealing or flame ring is thick enough all round, and even.
 * @throws ReckoningFault unless it was read at four places
 * @example ringThickness({ readingsMm: [4.98, 4.97, 4.99, 4.98], limits: { minMm: 4.9, spreadMm: 0.03 } })
 */
export function ringThickness({ readingsMm, newMm, limits }: RingThicknessInput): RingThickness {
  if (readingsMm.length !== RING_PLACES) {
    throw new ReckoningFault('readingsMm', 'so-many', { count: RING_PLACES });
  }
  readingsMm.forEach((mm, place) => requirePositive(`readingsMm[${place}]`, mm));
  if (newMm !== undefined) requirePositive('newMm', newMm);
  requirePositive('limits.minMm', limits.minMm);
  if (limits.spreadMm !== undefined) requireNotNegative('limits.spreadMm', limits.spreadMm);
  const leastMm = Math.min(...readingsMm);
  const spreadMm = Math.max(...readingsMm) - leastMm;
  return {
    leastMm,
    spreadMm,
    thickness: againstLeast(leastMm, limits.minMm),
    spread: againstLimit(spreadMm, limits.spreadMm),
    ...(newMm !== undefined && { lostMm: newMm - leastMm }),
  };
}
