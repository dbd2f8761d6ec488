import { holdsOnTurning } from './mayTurn';
import { cureWaits } from './cards/fit/clocks';
import { heldUpBy } from './cards/parts/view';
import type { Holds } from './facts/parts';
import type { TemporaryBars } from '../sheet/spec/assembly';
import { temporaryPartName, temporaryPartsBarring } from './register';
import type { JobSheet } from './scope';
import type { JobState } from './state';
import type { Wait } from './trayReason';

/*
 * What several cards wait for, by the state of the engine or of its parts.
 */

/** Parts that a card cannot be worked on without. */
export function missingFor(sheet: JobSheet, state: JobState, holds: Holds): readonly Wait[] {
  const parts = heldUpBy(sheet, state, holds);
  return parts.length > 0 ? [{ code: 'parts-missing', parts }] : [];
}

/** What is still in and must come out before this. */
export function stillIn({ register }: JobState, bars: TemporaryBars): readonly Wait[] {
  const parts = temporaryPartsBarring(register, bars).map(temporaryPartName);
  return parts.length > 0 ? [{ code: 'temporary-parts-in', parts }] : [];
}

/** What holds the crank, and what sets meanwhile and must not be moved. */
export function crankHeld(sheet: JobSheet, state: JobState, now: () => string): readonly Wait[] {
  const holds = holdsOnTurning(sheet, state);
  return [
    ...(holds.length > 0 ? [{ code: 'crank-held', holds } as const] : []),
    ...cureWaits(sheet, state, 'turn', now),
  ];
}
