import type { Scope } from './facts/scope';
import { ACCEPTED, refused, type Verdict } from './verdict';
import type { EngineSheet } from '../sheet/engineSheet';
import { asksWhich, scopeChoices, widens } from './plan/scopeChoices';

/**
 * May a job be of this scope? One head or one cylinder is named; a job once opened only goes further.
 * @param from the scope it has; null where it has none yet
 */
export function decideScope(from: Scope | null, to: Scope, sheet: EngineSheet): Verdict {
  const named = to.only !== undefined && scopeChoices(sheet, to.kind).includes(to.only);
  if (asksWhich(to.kind) ? !named : to.only !== undefined) return refused('unknown-scope');
  return !from || widens(sheet, from, to) ? ACCEPTED : refused('not-wider');
}
