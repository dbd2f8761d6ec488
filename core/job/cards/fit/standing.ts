import { headOf } from '../../../sheet/assembly/references';
import type { AssemblyAct } from '../../../sheet/spec/assembly';
import { assemblyGraph } from '../../../sheet/assembly/assemblyGraph';
import { isTaken, checkView } from '../../checks/view';
import { checkOf } from '../../checks/allChecks';
import { waitsForAttitude } from '../../attitude';
import type { JobSheet } from '../../scope';
import type { JobState } from '../../state';
import type { Wait } from '../../trayReason';
import { isPassed } from '../../outOfOrder';
import { cardDueAgain, cardToDo } from './actDone';
import { isReopened } from './way';
import { fitCheckId } from './checks';
import { firstToFit, isOn, unpulled } from './isOn';
import { fitRows, rowItem, type FitRow } from './rows';
import { clampersOf } from '../strip/loosening';
import { servedBy } from './served';
import { FIT_ON, fitSteps, isAfterPull, type FitStep } from './steps';

/** Where one row of a piece stands: done, to be gone on with, or waiting. */
type RowStanding = { readonly row: FitRow } & (
  | { readonly stands: 'done' }
  /** `next`: the first step not taken; none where all are, and one that was not good is to be decided. */
  | { readonly stands: 'open'; readonly next?: FitStep }
  | { readonly stands: 'waits'; readonly waits: readonly Wait[] }
);

/** How the rows of a piece stand, in the order they go on. */
export function rowsOfPiece(
  sheet: JobSheet,
  state: JobState,
  piece: string,
): readonly RowStanding[] {
  const check = checkOf(sheet, fitCheckId(piece));
  if (!check) return [];
  const { undecided } = checkView(sheet, state.checks, check);
  return fitRows(sheet)
    .filter((row) => row.piece.id === piece)
    .map((row): RowStanding => {
      const item = rowItem(row);
      const next = fitSteps(sheet, row.piece).find(
        ({ id }) => !isTaken(state.checks, check, item, id),
      );
      if (undecided.some((entry) => entry.item === item))
        return { row, stands: 'open', ...(next && { next }) };
      if (!next) return { row, stands: 'done' };
      const waits = waitsBefore(sheet, state, row, isAfterPull(next) ? 'after pull' : 'on');
      return waits.length > 0 ? { row, stands: 'waits', waits } : { row, stands: 'open', next };
    });
}

/** Everything a row waits for before it goes on, or before what comes after its pull; what somebody waived is not of it. */
export function waitsBefore(
  sheet: JobSheet,
  state: JobState,
  row: FitRow,
  step: 'on' | 'after pull',
): readonly Wait[] {
  const place = { card: 'fit', set: row.piece.id } as const;
  const waits = step === 'on' ? waitsToGoOn(sheet, state, row) : waitsForPull(sheet, state, row);
  return waits.filter((wait) => !isPassed(state, place, wait));
}

function waitsForPull(sheet: JobSheet, state: JobState, row: FitRow): readonly Wait[] {
  const set = unpulled(sheet, state, row.instances)?.set;
  return set ? [{ code: 'card-first', card: 'tighten', set: set.name }] : [];
}

/** What it rests on, and what it would shut in. */
function waitsToGoOn(sheet: JobSheet, state: JobState, row: FitRow): readonly Wait[] {
  // What is only usual for a family leads, and never bars.
  if (assemblyGraph(sheet.whole).assembly.assumed) return [];
  const { backAfter, shutsActs } = sheet.comesOff;
  const under = new Set(row.instances.flatMap((id) => backAfter.get(id) ?? []));
  const acts = new Set(row.instances.flatMap((id) => shutsActs.get(id) ?? []));
  const reopened = isReopened(state, row);
  return [
    ...[...under]
      .filter((id) => !row.instances.includes(id) && !isOn(sheet, state, id))
      .map((id) => waitFor(sheet, id)),
    ...[...acts].flatMap((act): readonly Wait[] => {
      const card =
        cardToDo(sheet, state, act) ?? (reopened ? cardDueAgain(sheet, state, act) : null);
      return card ? [{ code: 'card-first', card, shuts: headOf(act) as AssemblyAct }] : [];
    }),
    ...waitsForAttitude(sheet, state, row.instances),
  ];
}

/** What waits for these to be on, as far as they are put on by a card of their own: the first that is not. */
export function waitsForFit(
  sheet: JobSheet,
  state: JobState,
  instances: readonly string[],
): readonly Wait[] {
  const missing = firstToFit(sheet, state, instances);
  return missing === null ? [] : [waitFor(sheet, missing)];
}

/** The card on which a piece goes on, as what another waits for. */
function waitFor(sheet: JobSheet, instance: string): Wait {
  const { id = '', name } = assemblyGraph(sheet.whole).pieceOf(instance) ?? {};
  const card = servedBy(sheet, instance);
  if (card === null) return { code: 'card-first', card: 'fit', set: name ?? id };
  const [clamper] = card === 'tighten' ? clampersOf(sheet, instance) : [];
  return { code: 'card-first', card, ...(clamper && { set: clamper.set.name }) };
}

/** Is a step at or after the one at which the piece is on? */
export function isOnOrLater(sheet: JobSheet, row: FitRow, step: string): boolean {
  const ids = fitSteps(sheet, row.piece).map(({ id }) => id);
  return ids.indexOf(step) >= ids.indexOf(FIT_ON);
}
