/** One figure of the bench beside what is asked of it. */
export interface Result {
  readonly what: string;
  readonly value: number;
  readonly unit: string;
  /** The most it may be, or with `atLeast` the least. */
  readonly limit: number;
  readonly atLeast?: boolean;
}

export function holds({ value, limit, atLeast = false }: Result): boolean {
  return atLeast ? value >= limit : value <= limit;
}

export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? NaN;
}
