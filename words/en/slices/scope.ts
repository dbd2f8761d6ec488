import type { ScopeActs } from '@cardinex/core/job/facts/scope';
import type { SliceWords } from '../actWords';
import { scopeTitle } from '../scope';

export const scopeActWords: SliceWords<ScopeActs> = {
  'scope.widened': {
    line: ({ scope, words }) => ({ what: 'Goes further', value: scopeTitle(scope), words }),
  },
};
