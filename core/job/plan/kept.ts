import { assemblyGraph } from '../../sheet/assembly/assemblyGraph';
import type { Piece } from '../../sheet/assembly/assemblyOf';
import { clampedBy } from '../../sheet/assembly/clamped';
import { reached } from '../../sheet/assembly/reached';
import { headOf } from '../../sheet/assembly/references';
import type { EngineSheet } from '../../sheet/engineSheet';
import type { Scope } from '../facts/scope';
import { scopeTargets } from './scopeTargets';

/** An instance that goes as one with the instance it is on. */
interface KeptOn {
  readonly id: string;
  readonly on: string;
}

/**
 * The instances a scope keeps on what they stand on: each on the first piece it rests on that comes off.
 * @example keptOn(sheet, { kind: 'gasket', keep: [{ piece: 'inlet-manifold', why: 'left on' }] })
 *   // [{ id: 'inlet-manifold/1', on: 'head/1' }]
 */
export function keptOn(sheet: EngineSheet, { keep = [], ...scope }: Scope): readonly KeptOn[] {
  if (keep.length === 0) return [];
  const off = new Set(reached(sheet, scopeTargets(sheet, scope))?.order);
  const kept = new Set(keep.map(({ piece }) => piece));
  return assemblyGraph(sheet).pieces.flatMap(({ id, restsOn = [] }) => {
    const on = restsOn.find((under) => off.has(under));
    return kept.has(headOf(id)) && off.has(id) && on !== undefined ? [{ id, on }] : [];
  });
}

/** The pieces of a scope that may be kept, each by itself: they rest on what comes off, and nothing needs them gone. */
export function keepable(sheet: EngineSheet, scope: Scope): readonly Piece[] {
  const { assembly } = assemblyGraph(sheet);
  if (assembly.assumed) return [];
  return assembly.pieces.filter(({ id }) =>
    mayKeep(sheet, { ...scope, keep: [{ piece: id, why: '' }] }),
  );
}

/**
 * May everything a scope keeps stay where it stands? It rests on what comes off, nothing needs it gone, and no bolt goes
 * through it into something else that comes off.
 */
export function mayKeep(sheet: EngineSheet, scope: Scope): boolean {
  const kept = keptOn(sheet, scope);
  const isAll = (scope.keep ?? []).every(({ piece }) =>
    kept.some(({ id }) => headOf(id) === piece),
  );
  const found = isAll ? reached(sheet, scopeTargets(sheet, scope), kept) : null;
  if (!found) return false;
  const [staying, off] = [new Set(kept.map(({ id }) => id)), new Set(found.order)];
  return clampedBy(sheet).every(
    ({ clamps }) => !clamps.some((id) => staying.has(id)) || !clamps.some((id) => off.has(id)),
  );
}
