import { seenOf } from './checks/state';
import { isPulledAgain } from './cards/strip/loosening';
import { HELD_BY } from './facts/crank';
import type { TemporaryPart } from './facts/register';
import { temporaryPartsIn } from './register';
import { cylindersInScope, hasWetLiners, offOfKind, takesPistonsOut, type JobSheet } from './scope';
import type { JobState } from './state';
import { cylindersOf } from '../sheet/engineSheet';

/** What holds the liners down while no head does. */
export function linerClamps({ register }: Pick<JobState, 'register'>): readonly TemporaryPart[] {
  return temporaryPartsIn(register).filter(({ kind }) => kind === HELD_BY['liners-loose']);
}

/**
 * Is a head off with a liner under it that nothing holds down? A head that is on again, and being pulled down,
 * holds them; a liner that is out of the block cannot lift until it is in again.
 */
export function linersLoose(sheet: JobSheet, state: JobState): boolean {
  if (!hasWetLiners(sheet) || linerClamps(state).length > 0) return false;
  const { off } = state.pieces;
  const backIn = state.liners.accepted !== null && pistonsIn(sheet, state);
  const out = new Set(
    offOfKind(sheet, 'liner')
      .filter(({ id }) => off[id] && !backIn)
      .flatMap(({ over }) => [...(over.cylinders ?? cylindersOf(sheet))]),
  );
  return offOfKind(sheet, 'head')
    .filter(({ id }) => off[id] && !isPulledAgain(sheet, state, id))
    .some(({ over }) => [...(over.cylinders ?? cylindersOf(sheet))].some((n) => !out.has(n)));
}

/** Has any piston gone in again? */
function pistonsIn(sheet: JobSheet, { checks }: JobState): boolean {
  if (!takesPistonsOut(sheet)) return true;
  return cylindersInScope(sheet).some((cylinder) =>
    seenOf(checks, 'in-bore', String(cylinder), 'in'),
  );
}
