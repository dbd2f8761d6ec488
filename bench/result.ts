import type { DatabaseAddresses } from '../scripts/prepareDatabase';

/** One figure of the bench beside what is asked of it. */
export interface Result {
  readonly what: string;
  readonly value: number;
  readonly unit: string;
  /** What is aimed at, where that is more than what decides. */
  readonly goal?: number;
  /** The most it may be, or with `atLeast` the least: the floor that decides. */
  readonly limit: number;
  readonly atLeast?: boolean;
  /** The same at several sizes, and how it grows with them. */
  readonly growth?: Growth;
}

/** A figure measured at several sizes, smallest first. */
export interface Growth {
  /** What is counted, as in `events`. */
  readonly of: string;
  readonly points: readonly { readonly size: number; readonly value: number }[];
}

export function holds({ value, limit, atLeast = false }: Result): boolean {
  return atLeast ? value >= limit : value <= limit;
}

/**
 * How a figure grows with its size: 0 for one that does not, 1 for one that grows as the size does. The
 * slope of a straight line through the points, both axes logarithmic, by least squares.
 */
function exponentOf({ points }: Growth): number {
  const logs = points.map(({ size, value }) => [Math.log(size), Math.log(value)] as const);
  const mean = (axis: 0 | 1): number =>
    logs.reduce((sum, point) => sum + point[axis], 0) / logs.length;
  const [x, y] = [mean(0), mean(1)];
  const across = logs.reduce((sum, [size]) => sum + (size - x) ** 2, 0);
  return logs.reduce((sum, [size, value]) => sum + (size - x) * (value - y), 0) / across;
}

export function median(values: readonly number[]): number {
  return quantile(values, 0.5);
}

/** @param part of all values, those that are no greater, as in 0.95 */
export function quantile(values: readonly number[], part: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * part))] ?? NaN;
}

export function mean(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}

/** One line for whoever runs the bench. */
export function lineOf(result: Result): string {
  const { what, value, unit, goal, limit, atLeast = false, growth } = result;
  const most = atLeast ? 'at least' : 'at most';
  const asked = [goal !== undefined && `goal ${goal}`, `${most} ${limit} ${unit}`.trim()];
  const sizes = growth?.points.map((point) => `${point.size}: ${figure(point.value)}`).join(', ');
  const grows = growth && ` [${growth.of} ${sizes}; exponent ${exponentOf(growth).toFixed(2)}]`;
  return `${holds(result) ? 'holds ' : 'BROKEN'}  ${what}: ${figure(value)} ${unit} (${asked.filter(Boolean).join(', ')})${grows ?? ''}`;
}

function figure(value: number): string {
  return value >= 100 ? value.toFixed(0) : value.toPrecision(3);
}

/** What a server that is measured was started with. */
export interface ServerAt {
  readonly database: DatabaseAddresses;
  readonly env: Readonly<Record<string, string>>;
}
