import { headOf } from '../../../sheet/assembly/references';
import { assemblyGraph } from '../../../sheet/assembly/assemblyGraph';
import { setOf } from '../../../sheet/programmeOf';
import { cylindersOf } from '../../../sheet/engineSheet';
import { seenOf } from '../../checks/state';
import { runDone, runView } from '../../run/runView';
import { capsOneByOne, isCapOpen } from '../bearings/caps';
import { isPistonIn } from '../pistons/checks';
import { clampersOf, isPulledAgain, looseningsOf, type Loosening } from '../strip/loosening';
import { LET_DOWN } from '../tighten/covering';
import type { JobSheet } from '../../scope';
import type { JobState } from '../../state';
import { fitCheckId } from './checks';
import { fitRows, rowItem } from './rows';
import { servedBy } from './served';
import { FIT_ON } from './steps';

/**
 * Is a piece on: never off, or put on again? Pieces that go on by the card of liners, shells, crank or
 * timing are on once that card is done, which is asked of the card.
 */
export function isOn(sheet: JobSheet, state: JobState, instance: string): boolean {
  const { checks, leftOut, pieces } = state;
  // An engine that was stripped before anybody kept a card of it came in pieces.
  if (!pieces.off[instance] && !leftOut.strip) return true;
  const served = servedBy(sheet, instance);
  if (served === null) {
    if (leftOut.fit) return true;
    const row = fitRows(sheet).find(({ instances }) => instances.includes(instance));
    const seen = row && seenOf(checks, fitCheckId(row.piece.id), rowItem(row), FIT_ON);
    return seen?.found === 'good' || isPulledAgain(sheet, state, instance);
  }
  switch (served) {
    case 'tighten':
      return isPulledAgain(sheet, state, instance) || isLetDown(sheet, state, instance);
    case 'pistons':
      return leftOut.pistons !== undefined || isIn(sheet, state, instance);
    case 'bearings': {
      const cap = capsOneByOne(sheet).find(({ piece }) => piece === instance);
      return leftOut.bearings !== undefined || !cap || !isCapOpen(sheet, state, cap);
    }
    case 'liners':
    case 'shells':
    case 'crank':
    case 'timing':
      return true;
  }
}

/** A head that was let down on its gasket; every head, where nobody keeps those steps. */
function isLetDown(sheet: JobSheet, { checks, leftOut }: JobState, instance: string): boolean {
  if (leftOut.covering) return true;
  return clampersOf(sheet, instance).some(({ set, instance: of }) => {
    const seen = seenOf(checks, `head-on/${set.id}/${of}`, of, LET_DOWN);
    return seen?.found === 'good';
  });
}

/** A piston, or its rod, that is in. */
function isIn(sheet: JobSheet, state: JobState, instance: string): boolean {
  const { instances } = assemblyGraph(sheet.whole);
  const over = instances.find(({ id }) => id === instance)?.over.cylinders;
  return [...(over ?? cylindersOf(sheet))].every((cylinder) => isPistonIn(sheet, state, cylinder));
}

/** The first set that clamps these and is not pulled down; null once all are. */
export function unpulled(
  sheet: JobSheet,
  { runs }: Pick<JobState, 'runs'>,
  instances: readonly string[],
): Loosening | null {
  return (
    looseningsOf(sheet).find(({ set, instance, clamps }) => {
      const programme = setOf(sheet, set.id)?.programme?.id;
      if (programme === undefined || !clamps.some((id) => instances.includes(id))) return false;
      const view = runView(sheet, { set: set.id, instance, programme }, runs, '');
      return view !== null && !runDone(view);
    }) ?? null
  );
}

/** Of a list of instances, the first that is not on and is put on by a card of its own. */
export function firstToFit(
  sheet: JobSheet,
  state: JobState,
  instances: readonly string[],
): string | null {
  return instances.find((id) => servedBy(sheet, id) === null && !isOn(sheet, state, id)) ?? null;
}

/** The pieces of these references, by their heads, that come off on a job. */
export function comingBack(sheet: JobSheet, references: readonly string[]): readonly string[] {
  const heads = new Set(references.map(headOf));
  return sheet.comesOff.back.filter((id) => heads.has(headOf(id)));
}
