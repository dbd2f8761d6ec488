import type { ScopeActs } from '@cardinex/core/job/facts/scope';
import type { SliceWords } from '../actWords';
import { keptReasons, scopeTitle } from '../scope';

export const scopeActWords: SliceWords<ScopeActs> = {
  'scope.widened': {
    line: ({ scope, words }) => ({
      what: 'Goes further',
      value: scopeTitle(scope),
      words: [words, keptReasons(scope)].filter(Boolean).join('. '),
    }),
  },
};
