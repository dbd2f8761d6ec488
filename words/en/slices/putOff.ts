import type { PutOffActs } from '@cardinex/core/job/facts/putOff';
import type { SliceWords } from '../actWords';
import { dayOf, placeTitle } from '../outOfOrder';

export const putOffActWords: SliceWords<PutOffActs> = {
  'card.put-off': {
    line: ({ words, until, ...place }, { sheet }) => ({
      what: `${placeTitle(sheet, place)}: put off`,
      words,
      ...(until !== undefined && { value: `until ${dayOf(until)}` }),
    }),
  },
  'card.taken-up': {
    line: (place, { sheet }) => ({ what: `${placeTitle(sheet, place)}: taken up again` }),
  },
};
