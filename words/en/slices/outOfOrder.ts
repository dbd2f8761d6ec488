import type { OutOfOrderActs } from '@cardinex/core/job/facts/outOfOrder';
import type { SliceWords } from '../actWords';
import { passedNames } from '../outOfOrder';
import { cardTitle } from '../cards/names';

export const outOfOrderActWords: SliceWords<OutOfOrderActs> = {
  'card.out-of-order': {
    line: ({ card, set, despite, words }) => ({
      what: `${set === undefined ? cardTitle(card) : `${cardTitle(card)}, ${set}`}: out of order, not waiting for ${passedNames(despite)}`,
      words,
    }),
  },
};
