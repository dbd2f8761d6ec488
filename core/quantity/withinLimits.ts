/**
 * Limits are inclusive, and both sides are rounded to a millionth of the unit before they are
 * compared: fine enough that 0.0001 in (0.00254 mm) survives, coarse enough that 0.1 + 0.2 does
 * not fall out of a limit of 0.3.
 */

/** A value as a whole number of millionths of its unit, for exact comparison. */
export function inMillionths(value: number): number {
  return Math.round(value * 1e6);
}

/** Is `value` at or below `limit`? Same unit for both. */
export function atMost(value: number, limit: number): boolean {
  return inMillionths(value) <= inMillionths(limit);
}

/** Is `value` at or above `limit`? Same unit for both. */
export function atLeast(value: number, limit: number): boolean {
  return inMillionths(value) >= inMillionths(limit);
}
