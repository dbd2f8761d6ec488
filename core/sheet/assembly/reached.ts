import { reach } from '../../assembly/reach';
import type { Reach } from '../../assembly/reachInput';
import { ReckoningFault } from '../../quantity/reckoningFault';
import type { EngineSheet } from '../engineSheet';
import type { Reference } from '../spec/reference';
import { assemblyGraph, reachInputOf } from './assemblyGraph';
import { headOf, isInstance } from './references';

/**
 * What has to come off an engine to get at these.
 * @param targets references to pieces, instances or acts
 * @returns null where its pieces wait for each other in a circle, as they may while a sheet is entered
 */
export function reached(sheet: EngineSheet, targets: readonly Reference[]): Reach | null {
  try {
    return reach(reachInputOf(assemblyGraph(sheet), targets));
  } catch (error) {
    if (error instanceof ReckoningFault) return null;
    throw error;
  }
}

/** The instances of pieces that a reference means by itself. */
export function instancesMeant(sheet: EngineSheet, target: Reference): readonly string[] {
  const { instances } = assemblyGraph(sheet);
  return isInstance(target)
    ? [target]
    : instances.filter(({ of }) => of === headOf(target)).map(({ id }) => id);
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
