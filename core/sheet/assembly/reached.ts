import { reach } from '../../assembly/reach';
import type { Reach, ReachInput } from '../../assembly/reachInput';
import { ReckoningFault } from '../../quantity/reckoningFault';
import type { EngineSheet } from '../engineSheet';
import { memoizeByObject } from '../memoize';
import type { Reference } from '../spec/reference';
import { assemblyGraph, reachInputOf } from './assemblyGraph';
import { headOf } from './references';

/**
 * What has to come off an engine to get at these.
 * @param targets references to pieces, instances or acts
 * @param keep instances that go as one with another
 * @returns null where its pieces wait for each other in a circle, as they may while a sheet is entered, or one that is
 *   kept has to come off by itself
 */
export function reached(
  sheet: EngineSheet,
  targets: readonly Reference[],
  keep: NonNullable<ReachInput['keep']> = [],
): Reach | null {
  const known = reachedKnown(sheet);
  const key = JSON.stringify([targets, keep]);
  const before = known.get(key);
  if (before !== undefined) return before;
  const found = worked(sheet, targets, keep);
  known.set(key, found);
  return found;
}

/** A picture, its description and the lists beside it ask the same. */
const reachedKnown = memoizeByObject((_: EngineSheet) => new Map<string, Reach | null>());

function worked(
  sheet: EngineSheet,
  targets: readonly Reference[],
  keep: NonNullable<ReachInput['keep']>,
): Reach | null {
  try {
    return reach(reachInputOf(assemblyGraph(sheet), targets, keep));
  } catch (error) {
    if (error instanceof ReckoningFault) return null;
    throw error;
  }
}

/**
 * Neighbours of one piece together: eight push rods come off as one.
 * @example inRows(['head/1', 'head/2', 'sump/1']) // [['head/1', 'head/2'], ['sump/1']]
 */
export function inRows(ids: readonly string[]): readonly (readonly string[])[] {
  const rows: string[][] = [];
  for (const id of ids) {
    const last = rows.at(-1);
    if (last && headOf(last[0] ?? '') === headOf(id)) last.push(id);
    else rows.push([id]);
  }
  return rows;
}
