import type { Check } from '../../checks/check';
import type { RunName } from '../../facts/run';
import type { JobSheet } from '../../scope';
import type { JobState } from '../../state';
import { refused, type Verdict } from '../../verdict';
import { shellOfItem } from '../shells/checks';
import { capOfRun, capsOneByOne, isCapOpen, openCaps, type MainCap } from './caps';
import { bearingStep } from './view';

/**
 * May a cap be let go? The crank hangs in the others: one at a time, and the bearing that carries its thrust once the
 * others are closed again.
 */
export function refusedOpening(sheet: JobSheet, state: JobState, cap: MainCap): Verdict | null {
  const [other] = openCaps(sheet, state).filter(({ piece }) => piece !== cap.piece);
  if (other) return refused('one-cap-at-a-time', { bearing: other.bearing });
  if (!cap.thrust || isCapOpen(sheet, state, cap)) return null;
  const left = capsOneByOne(sheet).filter(
    (entry) => !entry.thrust && bearingStep(sheet, state, '', entry) !== null,
  );
  return left.length > 0
    ? refused('thrust-last', { bearings: left.map(({ bearing }) => bearing) })
    : null;
}

/** The same of pieces that are said to be off. */
export function refusedCapsOff(
  sheet: JobSheet,
  state: JobState,
  pieces: readonly string[],
): Verdict | null {
  const [cap, second] = capsOneByOne(sheet).filter(({ piece }) => pieces.includes(piece));
  if (second) return refused('one-cap-at-a-time', { bearing: second.bearing });
  return cap ? refusedOpening(sheet, state, cap) : null;
}

/** A shell is looked at, and another laid in, while the cap of its bearing is off. */
export function refusedBearingStep(
  sheet: JobSheet,
  state: JobState,
  check: Check,
  item: string,
): Verdict | null {
  if (check.card !== 'bearings') return null;
  const cap = capsOneByOne(sheet).find(({ bearing, set, instance }) =>
    check.kind === 'shells-found' || check.kind === 'bearing'
      ? bearing === shellOfItem(item).bearing
      : set === check.set && instance === check.instance,
  );
  if (!cap) return null;
  const isOff = state.pieces.off[cap.piece] !== undefined && isCapOpen(sheet, state, cap);
  return isOff ? null : refused('cap-not-off');
}

/** A cap is pulled down once its bearing is laid. */
export function refusedClosing(
  sheet: JobSheet,
  state: JobState,
  run: RunName,
  at: string,
): Verdict | null {
  const cap = state.leftOut.bearings ? undefined : capOfRun(sheet, run);
  const step = cap && bearingStep(sheet, state, at, cap);
  if (!step || step.kind === 'pull') return null;
  return refused('bearing-not-laid', { bearing: cap.bearing });
}
