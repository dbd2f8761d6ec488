import { ACCEPTED, refused, type Verdict } from '../../verdict';
import type { Check } from '../../checks/check';
import { partsUnder, temporaryPartName } from '../../register';
import type { JobSheet } from '../../scope';
import type { JobState } from '../../state';
import { coveringView, LET_DOWN, stepsBefore } from './covering';

const HEAD = { kind: 'head' };

/**
 * May a step of putting a head on be said done? It is not let down before all it hides was looked at,
 * every step before was taken, the crank stands where it was placed, and nothing is left in that it
 * would shut in.
 */
export function decideHeadStep(
  state: JobState,
  check: Check,
  step: string,
  { sheet, at }: { readonly sheet: JobSheet; readonly at: string },
): Verdict {
  const { set, instance } = check;
  if (set === undefined || instance === undefined) return ACCEPTED;
  const view = coveringView(sheet, state, { set, instance }, at);
  if (!view) return refused('unknown-check', { check: check.id });
  if (check.places.indexOf(step) < check.places.indexOf(LET_DOWN)) return ACCEPTED;
  if (!view.looked.done) return refused('look-first');
  if (view.crankAgain) return refused('crank-again');
  const before = stepsBefore(state, check, step);
  if (before.length > 0) return refused('step-first');
  const left = step === LET_DOWN ? partsUnder(state, HEAD) : [];
  const parts = left.map(temporaryPartName);
  return parts.length > 0 ? refused('temporary-parts-in', { parts }) : ACCEPTED;
}

/** May a run begin: is its head on, and flush? */
export function refusedByCovering(
  sheet: JobSheet,
  state: JobState,
  run: { readonly set: string; readonly instance: string },
  at: string,
): Verdict | null {
  return coveringView(sheet, state, run, at)?.next ? refused('head-not-on') : null;
}
