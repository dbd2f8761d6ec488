import type { RegisterActs } from '@cardinex/core/job/facts/register';
import type { SliceWords } from '../actWords';
import { small } from '../capital';

export const registerActWords: SliceWords<RegisterActs> = {
  'thing.put-in': {
    line: ({ what, where }) => ({ what: `In: ${what}`, words: where }),
    undo: ({ what }) => small(what),
  },
  'thing.taken-out': {
    line: ({ thing }, { known }) => {
      const found = known?.register.find(({ id }) => id === thing);
      if (!found) return { what: 'Out again' };
      return { what: `Out again: ${small(found.what)}`, words: found.where };
    },
  },
};
