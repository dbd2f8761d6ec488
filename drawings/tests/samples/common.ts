import type { PartStanding } from '../../crank/standing';

/** A figure as no language writes it: samples say no words. */
export const figure = (value: number): string => String(Math.round(value * 1000) / 1000);

const STANDINGS: readonly PartStanding[] = ['done', 'now', 'failed', 'open'];
/** Each of a row in the next standing. */
export const standing = (nth: number): PartStanding =>
  STANDINGS[(nth - 1) % STANDINGS.length] ?? 'open';
