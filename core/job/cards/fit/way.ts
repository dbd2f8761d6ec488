import { reached } from '../../../sheet/assembly/reached';
import type { AssemblyAct } from '../../../sheet/spec/assembly';
import type { Reference } from '../../../sheet/spec/reference';
import { setOf } from '../../../sheet/programmeOf';
import type { ActData } from '../../act';
import { seenOf } from '../../checks/state';
import type { RunName } from '../../facts/run';
import { pieceRef } from '../../pieceRef';
import { clampersOf } from '../strip/loosening';
import type { JobSheet } from '../../scope';
import type { JobState } from '../../state';
import type { Wait } from '../../trayReason';
import { fitCheckId } from './checks';
import { fitRows, rowItem, type FitRow } from './rows';
import { FIT_ON } from './steps';

/**
 * What is on in the way of an act, of what goes on here: it comes off once more, and goes back with its joints.
 * @param targets what is got at: the act, or pieces known to have gone on too soon, with all that rests on them
 */
export function wayShut(
  sheet: JobSheet,
  state: JobState,
  act: AssemblyAct,
  targets: readonly Reference[] = [act],
): readonly Wait[] {
  const inWay = reached(sheet.whole, targets)?.order ?? [];
  const rows = rowsOn(sheet, state)
    .map((row) => ({ row, at: inWay.findIndex((id) => row.instances.includes(id)) }))
    .filter(({ at }) => at >= 0)
    .sort((a, b) => a.at - b.at)
    .map(({ row }) => row);
  if (rows.length === 0) return [];
  const pieces = [...new Set(rows.map(({ piece }) => piece.id))];
  return [
    {
      code: 'way-shut',
      act,
      rows: rows.map(rowItem),
      pieces: pieces.map((id) => pieceRef(sheet, id)),
    },
  ];
}

/** Rows that somebody put on here. What was on already, as far as is known, is nobody's to take off again. */
function rowsOn(sheet: JobSheet, { checks }: JobState): readonly FitRow[] {
  return fitRows(sheet).filter((row) => {
    const seen = seenOf(checks, fitCheckId(row.piece.id), rowItem(row), FIT_ON);
    return seen?.found === 'good';
  });
}

/**
 * What is said when the way to an act is opened: the rows that are off again, and the pulls undone with them.
 * @param rows by their first instance
 */
export function wayOpening(
  sheet: JobSheet,
  act: AssemblyAct,
  rows: readonly string[],
): ActData['way.opened'] {
  return { act, pieces: rows, runs: pullsOf(sheet, rows) };
}

/** The pulls of everything that clamps these rows, each once. */
export function pullsOf(sheet: JobSheet, rows: readonly string[]): readonly RunName[] {
  const instances = fitRows(sheet)
    .filter((row) => rows.includes(rowItem(row)))
    .flatMap((row) => row.instances);
  return [...new Set(instances.flatMap((id) => clampersOf(sheet, id)))].flatMap(
    ({ set, instance }) => {
      const programme = setOf(sheet, set.id)?.programme?.id;
      return programme === undefined ? [] : [{ set: set.id, instance, programme }];
    },
  );
}

/** Is this row off again for what it shuts? */
export function isReopened({ pieces }: Pick<JobState, 'pieces'>, row: FitRow): boolean {
  return pieces.reopened[rowItem(row)] !== undefined;
}
