/**
 * The mean of some values, of which there must be one at least.
 * @example mean([0.06, 0.08]) // 0.07
 */
export function mean(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}
