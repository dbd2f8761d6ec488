import { median } from './median';

/** How many spreads from the middle a reading may lie before it is questioned. */
const SPREADS = 6;
/** Turns the median of the deviations into a standard deviation, for readings that scatter evenly. */
const PER_DEVIATION = 1.4826;

/**
 * Does a reading lie far from its fellows? Then it is more likely a slip of the thumb or the decimal
 * mark than a reading, and is questioned before it is kept.
 *
 * Far is further from their median than `floorMm` and than six times their spread (the median of the
 * deviations, scaled). Fewer than three fellows say nothing.
 * @param fellows readings of the same thing elsewhere, this one left out
 * @param floorMm what such readings may differ by without anybody wondering
 * @example farFromFellows(0.91, [0.09, 0.1, 0.08], 0.1) // true
 */
export function farFromFellows(mm: number, fellows: readonly number[], floorMm: number): boolean {
  if (fellows.length < 3) return false;
  const middle = median(fellows);
  const spread = PER_DEVIATION * median(fellows.map((value) => Math.abs(value - middle)));
  return Math.abs(mm - middle) > Math.max(floorMm, SPREADS * spread);
}
