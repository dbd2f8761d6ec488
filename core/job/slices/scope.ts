import { decideScope } from '../decideScope';
import type { ScopeActs } from '../facts/scope';
import type { Slice } from '../kit/slice';
import { MECHANICS } from '../roles';

/** How far into the engine a job goes: only ever further. */
export const scopeSlice: Slice<'scope', keyof ScopeActs> = {
  name: 'scope',
  empty: null,
  acts: {
    'scope.widened': {
      nature: 'decision',
      roles: MECHANICS,
      card: () => null,
      restsOn: null,
      decide: ({ scope }, { data }, { pinned }) => decideScope(scope, data.scope, pinned),
    },
  },
  evolve: {
    'job.opened': (_, { data }) => data.scope,
    'scope.widened': (_, { data }) => data.scope,
  },
};
