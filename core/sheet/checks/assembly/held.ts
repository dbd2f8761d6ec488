import { assemblyGraph } from '../../assembly/assemblyGraph';
import { clampedBy, clampReferences } from '../../assembly/clamped';
import { cylindersOf, type EngineSheet } from '../../engineSheet';
import type { AssemblySpec } from '../../spec/assembly';
import { doubt, fault, type SheetFinding } from '../finding';

/** Of these an engine without one over a cylinder does not run. */
const OVER_ALL: readonly string[] = ['head', 'cylinder', 'rod-and-piston', 'liner', 'rocker-shaft'];

/** Everything is held by something, every fastener holds something, and the kit has what the joints need. */
export function checkHeld(sheet: EngineSheet, assembly: AssemblySpec): SheetFinding[] {
  return [
    ...missingOver(sheet, assembly),
    ...clampsNothing(sheet),
    ...heldByNothing(sheet, assembly),
    ...jointsOfKit(sheet, assembly),
  ];
}

/** "Head group without cylinder 7". */
function missingOver(sheet: EngineSheet, { pieces }: AssemblySpec): SheetFinding[] {
  const { instances } = assemblyGraph(sheet);
  return pieces.flatMap(({ id, kind, name }, at) => {
    if (!OVER_ALL.includes(kind)) return [];
    const places = instances.filter(({ of }) => of === id);
    if (places.length === 0 || places.some(({ over }) => over.cylinders === null)) return [];
    // Two pieces of a kind may share the engine between them.
    const alike = pieces.filter((other) => other.kind === kind).map((other) => other.id);
    if (alike[0] !== id) return [];
    const over = instances.filter(({ of }) => alike.includes(of));
    if (over.some((entry) => entry.over.cylinders === null)) return [];
    return cylindersOf(sheet)
      .filter((cylinder) => !over.some((entry) => entry.over.cylinders?.has(cylinder)))
      .map((cylinder) =>
        fault(`assembly.pieces[${at}]`, 'piece-misses-cylinder', { name, cylinder }),
      );
  });
}

function clampsNothing(sheet: EngineSheet): SheetFinding[] {
  return (sheet.fastenedSets ?? []).flatMap((set, at) => {
    const idle = set.fasteners.filter(
      (fastener) => clampReferences(sheet, set, fastener).length === 0,
    );
    return idle.length === 0
      ? []
      : [doubt(`fastenedSets[${at}].clamps`, 'clamps-nothing', { set: set.name })];
  });
}

function heldByNothing(sheet: EngineSheet, { pieces }: AssemblySpec): SheetFinding[] {
  const { instances } = assemblyGraph(sheet);
  const clamped = new Set(clampedBy(sheet).flatMap(({ clamps }) => clamps));
  return pieces.flatMap(({ id, name, heldBy = [] }, at) => {
    const loose = instances.some((entry) => entry.of === id && !clamped.has(entry.id));
    return loose && heldBy.length === 0
      ? [doubt(`assembly.pieces[${at}].heldBy`, 'not-held', { name })]
      : [];
  });
}

/** Each joint's part is in the kit, and as many as all its joints take. */
function jointsOfKit(sheet: EngineSheet, { pieces }: AssemblySpec): SheetFinding[] {
  const { instances } = assemblyGraph(sheet);
  const joints = pieces.flatMap((piece, p) => {
    const places = instances.filter(({ of }) => of === piece.id).length;
    return (piece.joints ?? []).map(({ part, count = 1 }, j) => ({
      part,
      count: count * places,
      at: `assembly.pieces[${p}].joints[${j}].part`,
    }));
  });
  const kit = sheet.renew ?? [];
  const unknown = joints.flatMap(({ part, at }) =>
    part === undefined || kit.some((line) => line.part === part)
      ? []
      : [fault(at, 'unknown-part', { part })],
  );
  const miscounted = kit.flatMap(({ part, count }, at) => {
    const own = joints.filter((joint) => joint.part === part);
    const total = own.reduce((sum, joint) => sum + joint.count, 0);
    return count === undefined || own.length === 0 || total === count
      ? []
      : [doubt(`renew[${at}].count`, 'joints-not-kit', { part, kit: count, joints: total })];
  });
  return [...unknown, ...miscounted];
}
