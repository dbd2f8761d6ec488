import { neverDone } from '../../../assembly/neverDone';
import { reachGraph } from '../../../assembly/reachGraph';
import { ReckoningFault, type Fault } from '../../../quantity/reckoningFault';
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
  if (graph.pieces.length === 0) return [];
  const circle = faultOf(() => reachGraph({ ...graph, targets: [] }));
  if (circle?.code === 'circle') {
    const [first = ''] = circle.ids;
    const at = assembly.pieces.findIndex(({ id }) => id === headOf(first));
    return [
      fault(`assembly.pieces[${at}]`, 'assembly-circle', {
        direction: circle.direction,
        pieces: circle.ids.map((id) => named(assembly, id)).join(', '),
      }),
    ];
  }
  // What may be opened in more ways than one is nobody's to say before a way is chosen.
  const inWays = new Set((assembly.ways ?? []).map(({ to }) => headOf(to)));
  const found = neverDone(graph);
  return (assembly.acts ?? []).flatMap(({ act }, place) => {
    const never = found.find((entry) => headOf(entry.act) === act);
    return never && !inWays.has(act)
      ? [
          fault(`assembly.acts[${place}].needs`, 'act-never', {
            act,
            piece: named(assembly, never.needs),
          }),
        ]
      : [];
  });
}

/** A piece as a sheet calls it, with its place where there are several. */
function named({ pieces }: AssemblySpec, instance: string): string {
  const piece = pieces.find(({ id }) => id === headOf(instance));
  const place = instance.slice(headOf(instance).length + 1);
  const several = (piece?.per ?? 'engine') !== 'engine';
  return piece ? `${piece.name}${several ? ` ${place}` : ''}` : instance;
}

function faultOf(work: () => unknown): Fault | null {
  try {
    work();
    return null;
  } catch (error) {
    if (error instanceof ReckoningFault) return error.fault;
    throw error;
  }
}
