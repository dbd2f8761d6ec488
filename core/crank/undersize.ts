import { againstLimit, type LimitVerdict } from '../quantity/limitVerdict';
import {
  ReckoningFault,
  requireDistinct,
  requireNotNegative,
  requirePositive,
  requireSome,
} from '../quantity/reckoningFault';
import { atLeast, atMost, inMillionths } from '../quantity/withinLimits';

export interface UndersizeInput {
  /** Readings of one journal, round it and along it. */
  readonly journalMm: readonly number[];
  readonly standardMm: number;
  /** Undersizes there are bearings for, counted from standard: 0.25, 0.5. */
  readonly stepsMm: readonly number[];
  /** The least it may be ground to. */
  readonly minimumMm?: number;
  /** How far it may be worn below the step it is at. */
  readonly wearMm?: number;
  /** Ground off beyond the wear, so that it cleans up. */
  readonly cleanUpMm?: number;
}

export interface Undersize {
  /** The step the journal is at now; 0 for standard. */
  readonly stepMm: number;
  /** Below that step at its smallest reading. */
  readonly wearMm: number;
  readonly wear: LimitVerdict;
  /** The next step that cleans up and stays above the least; null where there is none. */
  readonly nextStepMm: number | null;
  readonly verdict: 'keep' | 'grind' | 'replace' | 'no-limit';
}

/**
 * Which undersize a journal is at, how far it is worn from it, and whether it can be ground to the
 * next. The step is the one whose size lies nearest the largest reading; between two as near, the
 * smaller undersize.
 * @throws ReckoningFault on an empty list, a repeated step, a size that cannot be
 * @example undersize({ journalMm: [79.73, 79.70], standardMm: 80, stepsMm: [0.25, 0.5], wearMm: 0.03 })
 *   // at 0.25, worn 0.05: grind to 0.5
 */
export function undersize(input: UndersizeInput): Undersize {
  const { journalMm, standardMm, stepsMm, minimumMm, wearMm: wearLimit, cleanUpMm = 0 } = input;
  requireSome('journalMm', journalMm);
  journalMm.forEach((mm, place) => requirePositive(`journalMm[${place}]`, mm));
  requirePositive('standardMm', standardMm);
  stepsMm.forEach((step, place) => {
    requirePositive(`stepsMm[${place}]`, step);
    if (atLeast(step, standardMm)) throw new ReckoningFault(`stepsMm[${place}]`, 'beyond-size');
  });
  requireDistinct('stepsMm', stepsMm);
  if (minimumMm !== undefined) requirePositive('minimumMm', minimumMm);
  if (minimumMm !== undefined && !atMost(minimumMm, standardMm)) {
    throw new ReckoningFault('minimumMm', 'beyond-size');
  }
  for (const [field, value] of Object.entries({ wearMm: wearLimit, cleanUpMm })) {
    if (value !== undefined) requireNotNegative(field, value);
  }
  const steps = [0, ...stepsMm].sort((a, b) => a - b);
  const largest = Math.max(...journalMm);
  const smallest = Math.min(...journalMm);
  const off = (step: number): number => inMillionths(Math.abs(standardMm - step - largest));
  const stepMm = steps.reduce((best, step) => (off(step) < off(best) ? step : best));
  const wearMm = standardMm - stepMm - smallest;
  const wear = againstLimit(wearMm, wearLimit);
  const nextStepMm =
    steps.find(
      (step) =>
        step > stepMm &&
        atMost(standardMm - step, smallest - cleanUpMm) &&
        (minimumMm === undefined || atLeast(standardMm - step, minimumMm)),
    ) ?? null;
  const tooThin = minimumMm !== undefined && !atLeast(smallest, minimumMm);
  const worn = nextStepMm === null ? 'replace' : 'grind';
  const verdict = tooThin
    ? 'replace'
    : ({ within: 'keep', over: worn, 'no-limit': 'no-limit' } as const)[wear];
  return { stepMm, wearMm, wear, nextStepMm, verdict };
}
