import type { RegisterActs } from '@cardinex/core/job/facts/register';
import type { SliceWords } from '../actWords';

export const registerActWords: SliceWords<RegisterActs> = {
  'temporary-part.put-in': {
    line: ({ what, where }) => ({ what: `In: ${what}`, words: where }),
    undo: ({ what }) => what,
  },
  'temporary-part.taken-out': {
    line: ({ part }, { known }) => {
      const found = known?.register.find(({ id }) => id === part);
      if (!found) return { what: 'Out again' };
      return { what: `Out again: ${found.what}`, words: found.where };
    },
  },
};
