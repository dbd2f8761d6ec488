import { SCOPES, type Scope, type ScopeKind } from '../facts/scope';
import { assemblyGraph, headInstances } from '../../sheet/assembly/assemblyGraph';
import { cylindersUnder } from '../../sheet/cylindersUnder';
import { cylindersOf, type EngineSheet } from '../../sheet/engineSheet';
import { memoizeByObject } from '../../sheet/memoize';

/** Does this scope ask which head or which cylinder? */
export function asksWhich(kind: ScopeKind): boolean {
  return kind === 'one-head' || kind === 'one-cylinder';
}

/** What a scope may be narrowed to: the heads, or the cylinders, of this engine. */
export function scopeChoices(sheet: EngineSheet, kind: ScopeKind): readonly string[] {
  if (kind === 'one-cylinder') return cylindersOf(sheet).map(String);
  if (kind === 'one-head') return headsOf(sheet).map(({ place }) => place);
  return [];
}

/** Usual scopes that make sense for an engine: one head of several only where there are several. */
export function scopesFor(sheet: EngineSheet): readonly ScopeKind[] {
  return SCOPES.filter(
    (kind) => kind !== 'pieces' && (kind !== 'one-head' || headsOf(sheet).length > 1),
  );
}

/** The cylinders a scope takes in on a whole sheet by its kind; what was picked besides may lay open more. */
export function cylindersOfScope(sheet: EngineSheet, scope: Scope): readonly number[] {
  const all = cylindersOf(sheet);
  const { kind, only } = scope;
  if (kind === 'pieces') return [];
  if (only === undefined) return all;
  const chosen =
    kind === 'one-head'
      ? (headsOf(sheet).find(({ place }) => place === only)?.cylinders ?? all)
      : [Number(only)];
  return all.filter((cylinder) => chosen.includes(cylinder));
}

/** A head, or a cylinder that is its own head, and the cylinders under it. */
interface Head {
  readonly place: string;
  readonly cylinders: readonly number[];
}

/** As the sheet's assembly has them: two to a bank are two. Without one, as the bolts of its heads are listed. */
const headsOf = memoizeByObject((sheet: EngineSheet): readonly Head[] => {
  const { assembly } = assemblyGraph(sheet);
  const heads = headInstances(sheet, assembly);
  if (!assembly.assumed && heads.length > 0) {
    const all = cylindersOf(sheet);
    return heads.map(({ place, over }) => ({ place, cylinders: [...(over.cylinders ?? all)] }));
  }
  const sets = sheet.fastenedSets ?? [];
  const set =
    sets.find(({ kind }) => kind === 'head') ?? sets.find(({ kind }) => kind === 'cylinder-base');
  return (set?.instances ?? []).map((place) => ({
    place,
    cylinders: cylindersUnder(sheet, set, place),
  }));
});
