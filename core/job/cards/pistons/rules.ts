import { assemblyGraph } from '../../../sheet/assembly/assemblyGraph';
import { cylinderOverPiston, routesOf } from '../../../sheet/pistonRoute';
import type { ActOf } from '../../act';
import { checkOf } from '../../checks/allChecks';
import { CRANK_PLACED } from '../../checks/check';
import { isTurnedFor } from '../../checks/crankThere';
import { seenOf } from '../../checks/state';
import type { DecideContext } from '../../decideContext';
import { isPassed } from '../../outOfOrder';
import { holdsOnTurning } from '../../mayTurn';
import { refusedByWait } from '../../refusedByWait';
import { runDone } from '../../run/runView';
import { runsOf } from '../../run/runsOf';
import type { RunView } from '../../run/views';
import { cylindersInScope, offOfKind, setsToTighten, type JobSheet } from '../../scope';
import type { JobState } from '../../state';
import type { Wait } from '../../trayReason';
import { ACCEPTED, refused, type Verdict } from '../../verdict';
import { waitsForFit } from '../fit/standing';
import { waitsInPlace } from '../tighten/inPlace';
import { isPistonIn, ON_ROD } from './checks';

/**
 * What pistons of separate cylinders go onto their rods after: the case, closed over the rods; and before the crank comes
 * round for another, the cylinder of one that hangs there, and its nuts.
 * @param item the cylinder whose piston it is; the next one unless given
 */
export function waitsToGoOnRods(
  sheet: JobSheet,
  state: JobState,
  item = nextOnRod(sheet, state),
): readonly Wait[] {
  const under = offOfKind(sheet, 'rod-and-piston').flatMap(
    ({ id }) => sheet.comesOff.backAfter.get(id) ?? [],
  );
  return [...waitsForFit(sheet, state, under), ...waitsToTurn(sheet, state, item)].filter(
    (wait) => !isPassed(state, { card: 'pistons' }, wait),
  );
}

/** The first cylinder whose piston does not hang on its rod yet. */
function nextOnRod(sheet: JobSheet, state: JobState): string | undefined {
  return checkOf(sheet, ON_ROD)?.items.find((item) => !isPistonIn(sheet, state, Number(item)));
}

/** What is gone on with first, where the crank has to come round for the next piston and is held by the last. */
function waitsToTurn(sheet: JobSheet, state: JobState, item: string | undefined): readonly Wait[] {
  const check = checkOf(sheet, ON_ROD);
  if (!check || item === undefined || seenOf(state.checks, ON_ROD, item, CRANK_PLACED)) return [];
  if (!isTurnedFor(sheet, state, check, item, CRANK_PLACED)) return [];
  const held = new Set(holdsOnTurning(sheet, state).map(({ code }) => code));
  if (held.has('piston-hangs')) {
    const cylinder = assemblyGraph(sheet.whole).assembly.pieces.find(
      ({ kind }) => kind === 'cylinder',
    );
    return [{ code: 'card-first', card: 'fit', ...(cylinder?.name && { set: cylinder.name }) }];
  }
  const toPull = held.has('through-bolts-slack') ? pairToPull(sheet, state) : undefined;
  return toPull ? [{ code: 'card-first', card: 'tighten', set: toPull.set.name }] : [];
}

/** The nuts of cylinders that are on and not pulled down. */
function pairToPull(sheet: JobSheet, state: JobState): RunView | undefined {
  const sets = setsToTighten(sheet).filter(({ kind }) => kind === 'cylinder-base');
  return sets
    .flatMap(({ id }) => runsOf(sheet, state, id, ''))
    .find((run) => !runDone(run) && waitsInPlace(sheet, state, run.name).length === 0);
}

/** Another way is chosen among those the sheet allows, before the first piston is on its rod. */
export function decidePistonRoute(
  { checks }: JobState,
  { data: { route } }: ActOf<'piston-route.chosen'>,
  { sheet }: DecideContext,
): Verdict {
  if (!routesOf(sheet).includes(route)) return refused('unknown-route');
  const isBegun = cylindersInScope(sheet).some((cylinder) =>
    ['part-way-in', 'pin'].some(
      (step) => seenOf(checks, ON_ROD, String(cylinder), step)?.found === 'good',
    ),
  );
  return isBegun ? refused('route-begun') : ACCEPTED;
}

/** May a piston be put on its rod? Not while the case is still to be closed over it. */
export function decideOnRod(sheet: JobSheet, state: JobState, item: string): Verdict {
  const [wait] = cylinderOverPiston(sheet) ? waitsToGoOnRods(sheet, state, item) : [];
  return refusedByWait(wait) ?? ACCEPTED;
}
