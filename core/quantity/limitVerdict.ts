import { atLeast, atMost } from './withinLimits';

/** A value against a limit it may not exceed; `no-limit` where none was given, never `within`. */
export type LimitVerdict = 'within' | 'over' | 'no-limit';

/** Is a value within a limit it may not exceed? Inclusive; same unit for both. */
export function againstLimit(value: number, limit: number | undefined): LimitVerdict {
  if (limit === undefined) return 'no-limit';
  return atMost(value, limit) ? 'within' : 'over';
}

/** A value against a limit it may not fall below. */
export type LeastVerdict = 'within' | 'under' | 'no-limit';

/** Is a value within a limit it may not fall below? Inclusive; same unit for both. */
export function againstLeast(value: number, limit: number | undefined): LeastVerdict {
  if (limit === undefined) return 'no-limit';
  return atLeast(value, limit) ? 'within' : 'under';
}

/**
 * Several checks of one part as one: over when any is, within when at least one has a limit and none
 * is over; without any limit nothing is said.
 */
export function worstOf(verdicts: readonly LimitVerdict[]): LimitVerdict {
  if (verdicts.includes('over')) return 'over';
  return verdicts.includes('within') ? 'within' : 'no-limit';
}
