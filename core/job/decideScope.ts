import type { Scope } from './facts/scope';
import { ACCEPTED, refused, type Verdict } from './verdict';
import { assemblyGraph } from '../sheet/assembly/assemblyGraph';
import type { EngineSheet } from '../sheet/engineSheet';
import { mayKeep } from './plan/kept';
import { asksWhich, scopeChoices } from './plan/scopeChoices';
import { widens } from './plan/widens';

/**
 * May a job be of this scope? One head or one cylinder is named, and pieces that the sheet has; a job once opened only
 * goes further.
 * @param from the scope it has; null where it has none yet
 */
export function decideScope(from: Scope | null, to: Scope, sheet: EngineSheet): Verdict {
  const named = to.only !== undefined && scopeChoices(sheet, to.kind).includes(to.only);
  if (asksWhich(to.kind) ? !named : to.only !== undefined) return refused('unknown-scope');
  const { instances } = assemblyGraph(sheet);
  const unknown = to.also?.find(
    (piece) => !instances.some(({ id, of }) => id === piece || of === piece),
  );
  if (unknown !== undefined) return refused('unknown-piece', { piece: unknown });
  if (to.kind === 'pieces' && !to.also) return refused('unknown-scope');
  if (to.keep && !mayKeep(sheet, to)) {
    const alone = to.keep.find((kept) => !mayKeep(sheet, { ...to, keep: [kept] }));
    return refused('cannot-be-kept', { piece: (alone ?? to.keep[0])?.piece ?? '' });
  }
  return !from || widens(sheet, from, to) ? ACCEPTED : refused('not-wider');
}
