import type { LeftOutActs } from '@cardinex/core/job/facts/leftOut';
import type { SliceWords } from '../actWords';
import { cardTitle } from '../cards/names';

export const leftOutActWords: SliceWords<LeftOutActs> = {
  'card.left-out': {
    line: ({ card, words }) => ({ what: `${cardTitle(card)}: left out`, words }),
  },
};
