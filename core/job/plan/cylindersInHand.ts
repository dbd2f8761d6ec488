import { assemblyGraph } from '../../sheet/assembly/assemblyGraph';
import { cylindersOf, type EngineSheet } from '../../sheet/engineSheet';
import type { Scope } from '../facts/scope';
import { comesOffFor } from './comesOff';
import { cylindersOfScope } from './scopeChoices';

/** Kinds that lay a cylinder open as they come off. */
const LAYS_OPEN: readonly string[] = ['head', 'cylinder', 'liner', 'rod-and-piston', 'rod'];

/** Printed numbers of the cylinders a job works on, in block order: those of its scope, and those that picked pieces lay open. */
export function cylindersInHand(sheet: EngineSheet, scope: Scope): readonly number[] {
  const ofKind = cylindersOfScope(sheet, scope);
  if (!scope.also) return ofKind;
  const all = cylindersOf(sheet);
  const { because } = comesOffFor(sheet, scope);
  const { instances, pieceOf } = assemblyGraph(sheet);
  const open = new Set(
    instances
      .filter(({ id }) => because.has(id) && LAYS_OPEN.includes(pieceOf(id)?.kind ?? ''))
      .flatMap(({ over }) => [...(over.cylinders ?? all)]),
  );
  return all.filter((cylinder) => open.has(cylinder) || ofKind.includes(cylinder));
}
