import type { OutOfOrderActs } from '@cardinex/core/job/facts/outOfOrder';
import type { SliceWords } from '../actWords';
import { passedNames, placeTitle } from '../outOfOrder';

export const outOfOrderActWords: SliceWords<OutOfOrderActs> = {
  'card.out-of-order': {
    line: ({ despite, words, ...place }, { sheet }) => ({
      what: `${placeTitle(sheet, place)}: out of order, not waiting for ${passedNames(despite)}`,
      words,
    }),
  },
};
