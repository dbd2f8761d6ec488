import type { CrankActs } from '@cardinex/core/job/facts/crank';
import { withWords, type SliceWords } from '../actWords';
import { degrees } from '../quantity';

export const crankActWords: SliceWords<CrankActs> = {
  'crank.stood': {
    line: ({ atDeg, seen, words }) => ({
      what: `Crank at ${degrees(atDeg)}`,
      words: [seen, words].filter(Boolean).join('; '),
    }),
    undo: ({ atDeg }) => `crank at ${degrees(atDeg)}`,
  },
  'crank.doubted': { line: ({ words }) => ({ what: 'Crank position in doubt', words }) },
  'crank.overshot': {
    line: ({ words }) => withWords({ what: 'Crank turned past its stop' }, words),
  },
};
