import type { RegisterActs } from '@cardinex/core/job/facts/register';
import type { SliceWords } from '../actWords';

export const registerActWords: SliceWords<RegisterActs> = {
  'thing.put-in': {
    line: ({ what, where }) => ({ what: `In: ${what}`, words: where }),
    undo: ({ what }) => what,
  },
  'thing.taken-out': {
    line: ({ thing }, { known }) => {
      const found = known?.register.find(({ id }) => id === thing);
      if (!found) return { what: 'Out again' };
      return { what: `Out again: ${found.what}`, words: found.where };
    },
  },
};
