import type { CauseActs } from '@cardinex/core/job/facts/cause';
import { withWords, type SliceWords } from '../actWords';
import { causeName } from '../scope';

export const causeActWords: SliceWords<CauseActs> = {
  'cause.answered': {
    line: ({ because, words }) => withWords({ what: `Cause: ${causeName(because)}` }, words),
  },
};
