import type { CauseActs } from '@cardinex/core/job/facts/cause';
import { withWords, type SliceWords } from '../actWords';
import { causeName } from '../cards/cause';

export const causeActWords: SliceWords<CauseActs> = {
  'cause.answered': {
    line: ({ cause, words, mended }) =>
      withWords({ what: `Cause: ${causeName(cause)}` }, [words, mended].filter(Boolean).join('. ')),
  },
};
