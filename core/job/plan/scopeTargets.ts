import { assemblyGraph, headInstances } from '../../sheet/assembly/assemblyGraph';
import type { Instance } from '../../sheet/assembly/instances';
import type { EngineSheet } from '../../sheet/engineSheet';
import type { Reference } from '../../sheet/spec/reference';
import type { Scope } from '../facts/scope';
import { cylindersOfScope } from './scopeChoices';

/** Kinds that are of one cylinder; what else comes off follows from what rests on them and what shuts them. */
const IN_CYLINDER: readonly string[] = ['rod-and-piston', 'liner', 'cylinder'];

/**
 * What a scope is out to get at, as instances of pieces: the head joint, one head, one cylinder, the top end,
 * all that is renewed with the crank in place, or everything; and the pieces that were picked.
 * @example scopeTargets(sheet, { kind: 'one-head', only: '3' }) // ['head/3']
 */
export function scopeTargets(sheet: EngineSheet, scope: Scope): readonly Reference[] {
  const { instances, pieceOf, assembly, meant } = assemblyGraph(sheet);
  const heads = headInstances(sheet, assembly);
  const ofKinds = (...kinds: readonly string[]): readonly Instance[] =>
    instances.filter(({ id }) => kinds.includes(pieceOf(id)?.kind ?? ''));
  const tops = heads.length > 0 ? heads : ofKinds('cylinder');
  const cylinders = cylindersOfScope(sheet, scope);
  const inHand = ({ over }: Instance): boolean =>
    cylinders.some((cylinder) => over.cylinders?.has(cylinder));
  const targets = (): readonly Instance[] => {
    switch (scope.kind) {
      case 'pieces':
        return [];
      case 'gasket':
      case 'top-end':
        return tops;
      case 'one-head':
        return tops.filter(assembly.assumed ? inHand : ({ place }) => place === scope.only);
      case 'one-cylinder':
        return ofKinds(...IN_CYLINDER).filter(inHand);
      case 'in-frame':
        return ofKinds(...IN_CYLINDER, 'bearing-cap');
      case 'everything':
        return instances;
    }
  };
  return [...new Set([...targets().map(({ id }) => id), ...meant(scope.also)])];
}
