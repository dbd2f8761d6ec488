import type { PutOffActs } from '../facts/putOff';
import { cardKey } from '../kit/cardPlace';
import type { Slice } from '../kit/slice';
import { without } from '../kit/without';
import { MECHANICS } from '../roles';

/** Cards that somebody put off: nothing on them is refused, they only stand aside. */
export const putOffSlice: Slice<'putOff', keyof PutOffActs> = {
  name: 'putOff',
  empty: {},
  acts: {
    'card.put-off': { nature: 'decision', roles: MECHANICS, card: () => null, restsOn: null },
    'card.taken-up': { nature: 'decision', roles: MECHANICS, card: () => null, restsOn: null },
  },
  evolve: {
    'card.put-off': (putOff, { data: { card, set, ...said }, at, by }) => ({
      ...putOff,
      [cardKey({ card, ...(set !== undefined && { set }) })]: { ...said, at, by },
    }),
    'card.taken-up': (putOff, { data }) => without(putOff, [cardKey(data)]),
  },
};
