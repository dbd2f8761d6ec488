import { assemblyGraph } from '../sheet/assembly/assemblyGraph';
import type { ActOf } from './act';
import { looseningsOf } from './cards/strip/loosening';
import { servedBy } from './cards/fit/served';
import type { DecideContext } from './decideContext';
import type { StandsHow } from '../sheet/spec/assembly';
import { TURN_OVER_LOOKS } from './facts/attitude';
import type { CrankHold } from './facts/crank';
import type { Entry } from './kit/card';
import { holdsOnMoving } from './mayTurn';
import { isPassed } from './outOfOrder';
import type { JobSheet } from './scope';
import type { JobState } from './state';
import type { Wait } from './trayReason';
import { ACCEPTED, refused, type Verdict } from './verdict';

/*
 * How an engine stands while a piece comes off it or goes on. In its frame it is not turned over, and what is only
 * usual for a family does not ask for it.
 */

/** How the engine has to stand for these pieces, where it does not; null where it stands right, or any way will do. */
export function standsWrongFor(
  { scope, whole }: JobSheet,
  { attitude }: Pick<JobState, 'attitude'>,
  pieces: readonly string[],
): StandsHow | null {
  const { assembly, pieceOf } = assemblyGraph(whole);
  if (scope.kind === 'in-frame' || assembly.assumed) return null;
  for (const id of pieces) {
    const asked = pieceOf(id)?.attitude ?? 'any';
    if (asked !== 'any' && asked !== attitude.stands) return asked;
  }
  return null;
}

/** The same on the way off, unless somebody said that these come off as it stands. */
export function turnOverToStrip(
  sheet: JobSheet,
  state: Pick<JobState, 'attitude' | 'outOfOrder'>,
  pieces: readonly string[],
): StandsHow | null {
  const to = standsWrongFor(sheet, state, pieces);
  return to === null || isPassed(state, { card: 'strip' }, { code: 'turn-over', to }) ? null : to;
}

/** What pieces that go on wait for, by how the engine stands. */
export function waitsForAttitude(
  sheet: JobSheet,
  state: JobState,
  pieces: readonly string[],
): readonly Wait[] {
  const to = standsWrongFor(sheet, state, pieces);
  return to === null ? [] : [{ code: 'turn-over', to }];
}

/** The pieces that go on by a card as a whole. The fitting card asks for each of its rows. */
export function goingOnBy(sheet: JobSheet, { card, set }: Entry): readonly string[] {
  if (card === 'fit') return [];
  if (card === 'tighten')
    return looseningsOf(sheet).flatMap((entry) => (entry.set.id === set?.id ? entry.clamps : []));
  return sheet.comesOff.order.filter((id) => servedBy(sheet, id) === card);
}

/** Why an engine must not be turned over: every reason that is known. */
export function holdsOnTurningOver(sheet: JobSheet, state: JobState): readonly CrankHold[] {
  return holdsOnMoving(sheet, state, 'lift');
}

/** May it be turned over? Everything that would run out, fall out or swing was seen to, and nobody is below. */
export function decideTurnedOver(
  state: JobState,
  { data: { seen } }: ActOf<'engine.turned-over'>,
  { sheet }: DecideContext,
): Verdict {
  const holds = holdsOnTurningOver(sheet, state);
  if (holds.length > 0) return refused('turn-over-held', { holds });
  const looks = TURN_OVER_LOOKS.filter((look) => !seen.includes(look));
  return looks.length > 0 ? refused('turn-over-looks', { looks }) : ACCEPTED;
}
