import { againstLimit, worstOf, type LimitVerdict } from '../quantity/limitVerdict';
import { requireDistinct, requireNotNegative, requirePositive } from '../quantity/reckoningFault';
import { atLeast } from '../quantity/withinLimits';

/** Heights a bore is read at. */
export const BORE_HEIGHTS = ['top', 'middle', 'bottom'] as const;
export type BoreHeight = (typeof BORE_HEIGHTS)[number];

export interface BoreWearInput {
  /** At each height two readings: along the crank, and square to it. */
  readonly readingsMm: Readonly<Record<BoreHeight, readonly [number, number]>>;
  readonly nominalMm: number;
  readonly limits: {
    readonly wearMm?: number;
    readonly taperMm?: number;
    readonly ovalityMm?: number;
  };
  /** Counted from nominal: 0.25, 0.5. */
  readonly oversizesMm?: readonly number[];
  /** Taken beyond the wear, so that the bore cleans up. */
  readonly cleanUpMm?: number;
}

export interface BoreWear {
  /** Largest reading less nominal; below zero where the bore is smaller. */
  readonly wearMm: number;
  /** Largest range over the heights in one direction. */
  readonly taperMm: number;
  /** Largest difference between the two readings of one height. */
  readonly ovalityMm: number;
  readonly wear: LimitVerdict;
  readonly taper: LimitVerdict;
  readonly ovality: LimitVerdict;
  readonly overall: LimitVerdict;
  /** The smallest oversize that takes up the wear evenly; null where none does, absent while within. */
  readonly oversizeMm?: number | null;
  /** The one needed where all the wear is on one side, twice as deep from the bore's own middle. */
  readonly oneSidedOversizeMm?: number | null;
  /** How much over nominal cleans it up, evenly worn or on one side; absent while within. */
  readonly neededMm?: number;
  readonly oneSidedNeededMm?: number;
}

/**
 * How far a bore is worn, tapered and oval, and the oversize that would clean it up. Whether the wear
 * lies on one side is for whoever bores it to find out; both answers are given.
 * @throws ReckoningFault on a size that cannot be, or an oversize given twice
 * @example boreWear({ readingsMm: { top: [100.12, 100.08], middle: [100.05, 100.04], bottom: [100.02,
 *   100.02] }, nominalMm: 100, limits: { wearMm: 0.1 }, oversizesMm: [0.25, 0.5] }) // over: 0.25
 */
export function boreWear(input: BoreWearInput): BoreWear {
  const { readingsMm, nominalMm, limits, oversizesMm = [], cleanUpMm = 0 } = input;
  for (const height of BORE_HEIGHTS) {
    readingsMm[height].forEach((mm, way) => requirePositive(`readingsMm.${height}[${way}]`, mm));
  }
  requirePositive('nominalMm', nominalMm);
  for (const [name, limit] of Object.entries(limits)) {
    requireNotNegative(`limits.${name}`, limit);
  }
  oversizesMm.forEach((size, place) => requirePositive(`oversizesMm[${place}]`, size));
  requireDistinct('oversizesMm', oversizesMm);
  requireNotNegative('cleanUpMm', cleanUpMm);

  const heights = BORE_HEIGHTS.map((height) => readingsMm[height]);
  const wearMm = Math.max(...heights.flat()) - nominalMm;
  const taperMm = Math.max(...[0, 1].map((way) => range(heights.map((pair) => pair[way] ?? NaN))));
  const ovalityMm = Math.max(...heights.map(range));
  const wear = againstLimit(wearMm, limits.wearMm);
  const taper = againstLimit(taperMm, limits.taperMm);
  const ovality = againstLimit(ovalityMm, limits.ovalityMm);
  const overall = worstOf([wear, taper, ovality]);
  const smallest = (neededMm: number): number | null =>
    [...oversizesMm].sort((a, b) => a - b).find((size) => atLeast(size, neededMm)) ?? null;
  return {
    wearMm,
    taperMm,
    ovalityMm,
    wear,
    taper,
    ovality,
    overall,
    ...(overall === 'over' && {
      oversizeMm: smallest(wearMm + cleanUpMm),
      oneSidedOversizeMm: smallest(2 * wearMm + cleanUpMm),
      neededMm: wearMm + cleanUpMm,
      oneSidedNeededMm: 2 * wearMm + cleanUpMm,
    }),
  };
}

function range(values: readonly number[]): number {
  return Math.max(...values) - Math.min(...values);
}
