import type { PendingActs } from '@cardinex/core/job/facts/pending';
import type { SliceWords } from '../actWords';
import { pendingWords } from '../pending';

export const pendingActWords: SliceWords<PendingActs> = {
  'pending.decided': {
    line: ({ decision, holds }, { known, lineOf }) => {
      const target = known?.pending[decision]?.act;
      const what = target ? lineOf(target).what : pendingWords.decision;
      return { what: holds ? pendingWords.confirmed(what) : pendingWords.dropped(what) };
    },
  },
};
