import type { HandsActs } from '../facts/hands';
import type { Slice } from '../kit/slice';
import { ANY_HAND } from '../roles';
import { ACCEPTED, refused } from '../verdict';

/**
 * Who has their hands in. While anybody has, nothing is turned; that nobody is known to have does not say that nobody
 * has: a helper may carry no device, and a device may be out of reach.
 */
export const handsSlice: Slice<'hands', keyof HandsActs> = {
  name: 'hands',
  empty: [],
  acts: {
    'hands.in': { nature: 'fact', roles: ANY_HAND, card: () => null },
    'hands.out': {
      nature: 'fact',
      roles: ANY_HAND,
      card: () => null,
      decide: ({ hands }, { data: { whose } }) =>
        hands.some(({ by }) => by === whose) ? ACCEPTED : refused('hands-not-in'),
    },
  },
  evolve: {
    'hands.in': (hands, { data: { where }, at, by }) => [
      ...hands.filter((other) => other.by !== by),
      { by, where, at },
    ],
    'hands.out': (hands, { data: { whose } }) =>
      hands.some(({ by }) => by === whose) ? hands.filter(({ by }) => by !== whose) : hands,
  },
};
