/** The middle value, or halfway between the two middle ones; NaN of nothing. */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = Math.floor(sorted.length / 2);
  const [low = NaN, high = NaN] = [sorted[half - 1], sorted[half]];
  return sorted.length % 2 === 0 ? (low + high) / 2 : high;
}
