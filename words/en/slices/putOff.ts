import type { PutOffActs } from '@cardinex/core/job/facts/putOff';
import type { SliceWords } from '../actWords';
import { cardTitle } from '../cards/names';
import { dayOf } from '../outOfOrder';

const titleOf = ({ card, set }: PutOffActs['card.taken-up']): string =>
  set === undefined ? cardTitle(card) : `${cardTitle(card)}, ${set}`;

export const putOffActWords: SliceWords<PutOffActs> = {
  'card.put-off': {
    line: ({ words, until, ...place }) => ({
      what: `${titleOf(place)}: put off`,
      words,
      ...(until !== undefined && { value: `until ${dayOf(until)}` }),
    }),
  },
  'card.taken-up': { line: (place) => ({ what: `${titleOf(place)}: taken up again` }) },
};
