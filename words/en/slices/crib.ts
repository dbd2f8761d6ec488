import type { CribActs } from '@cardinex/core/job/facts/crib';
import type { SliceWords } from '../actWords';
import { cribWords } from '../crib';

export const cribActWords: SliceWords<CribActs> = {
  'crib.judged': {
    line: ({ agree }) => ({ what: cribWords.agreesNow, value: cribWords.acts(agree.length) }),
  },
};
