import type { Kept, Scope, ScopeKind } from '@cardinex/core/job/facts/scope';
import { asksWhich } from '@cardinex/core/job/plan/scopeChoices';

/** The scope that was chosen so far; null while it still has to be said of what. */
export function scopeOf({
  kind,
  only,
  also,
  keep = [],
}: {
  readonly kind: ScopeKind;
  readonly only: string;
  readonly also: readonly string[];
  readonly keep?: readonly Kept[];
}): Scope | null {
  if (asksWhich(kind) ? only === '' : kind === 'pieces' && also.length === 0) return null;
  return {
    kind,
    ...(asksWhich(kind) && { only }),
    ...(kind === 'pieces' && { also }),
    ...(keep.length > 0 && { keep }),
  };
}
