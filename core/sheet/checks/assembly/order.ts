import { neverDone, type NeverDone } from '../../../assembly/neverDone';
import { ReckoningFault } from '../../../quantity/reckoningFault';
import { assemblyGraph } from '../../assembly/assemblyGraph';
import { headOf } from '../../assembly/references';
import type { EngineSheet } from '../../engineSheet';
import type { AssemblySpec } from '../../spec/assembly';
import { fault, type SheetFinding } from '../finding';

/**
 * The order can be worked out, off and on: no circle, and nothing done at the engine needs a piece that is in
 * its own way.
 */
export function checkOrder(sheet: EngineSheet, assembly: AssemblySpec): SheetFinding[] {
  const graph = assemblyGraph(sheet);
  try {
    return actsNeverDone(assembly, neverDone(graph));
  } catch (error) {
    if (!(error instanceof ReckoningFault) || error.fault.code !== 'circle') throw error;
    const { direction, ids } = error.fault;
    const at = assembly.pieces.findIndex(({ id }) => id === headOf(ids[0] ?? ''));
    const pieces = ids.map((id) => named(assembly, id)).join(', ');
    return [fault(`assembly.pieces[${at}]`, 'assembly-circle', { direction, pieces })];
  }
}

function actsNeverDone(assembly: AssemblySpec, found: readonly NeverDone[]): SheetFinding[] {
  // What may be opened in more ways than one is nobody's to say before a way is chosen.
  const inWays = new Set((assembly.ways ?? []).map(({ to }) => headOf(to)));
  return (assembly.acts ?? []).flatMap(({ act }, place) => {
    const never = found.find((entry) => headOf(entry.act) === act);
    if (!never || inWays.has(act)) return [];
    const piece = named(assembly, never.needs);
    return [fault(`assembly.acts[${place}].needs`, 'act-never', { act, piece })];
  });
}

/** A piece as a sheet calls it, with its place where there are several. */
function named({ pieces }: AssemblySpec, instance: string): string {
  const piece = pieces.find(({ id }) => id === headOf(instance));
  const place = instance.slice(headOf(instance).length + 1);
  const several = (piece?.per ?? 'engine') !== 'engine';
  return piece ? `${piece.name}${several ? ` ${place}` : ''}` : instance;
}
