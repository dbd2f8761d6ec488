import { assemblyGraph, headInstances } from '../../sheet/assembly/assemblyGraph';
import { cylindersUnder } from '../../sheet/cylindersUnder';
import type { EngineSheet } from '../../sheet/engineSheet';
import type { Reference } from '../../sheet/spec/reference';
import type { Scope } from '../facts/scope';

/** Kinds that a scope is about; what else comes off follows from what rests on them and what shuts them. */
const IN_CYLINDER: readonly string[] = ['rod-and-piston', 'liner', 'cylinder'];
const IN_FRAME: readonly string[] = [...IN_CYLINDER, 'bearing-cap'];

/**
 * What a scope is out to get at, as instances of pieces: the head joint, one head, one cylinder, the top end,
 * all that is renewed with the crank in place, or everything.
 * @example scopeTargets(sheet, { kind: 'one-head', only: '3' }) // ['head/3']
 */
export function scopeTargets(sheet: EngineSheet, { kind, only }: Scope): readonly Reference[] {
  const { instances, pieceOf, assembly } = assemblyGraph(sheet);
  const heads = headInstances(sheet, assembly);
  const ofKinds = (kinds: readonly string[]): readonly Reference[] =>
    instances.filter(({ id }) => kinds.includes(pieceOf(id)?.kind ?? '')).map(({ id }) => id);
  const tops = heads.length > 0 ? heads.map(({ id }) => id) : ofKinds(['cylinder']);
  switch (kind) {
    case 'gasket':
    case 'top-end':
      return tops;
    case 'one-head': {
      const set = sheet.fastenedSets?.find((entry) => entry.instances.includes(only ?? ''));
      const cylinders = cylindersUnder(sheet, set, only ?? '');
      return instances
        .filter(
          ({ id, over }) => tops.includes(id) && cylinders.some((n) => over.cylinders?.has(n)),
        )
        .map(({ id }) => id);
    }
    case 'one-cylinder':
      return instances
        .filter(
          ({ id, over }) =>
            IN_CYLINDER.includes(pieceOf(id)?.kind ?? '') && over.cylinders?.has(Number(only)),
        )
        .map(({ id }) => id);
    case 'in-frame':
      return ofKinds(IN_FRAME);
    case 'everything':
      return instances.map(({ id }) => id);
  }
}
