import type { ParkedActs } from '../facts/parked';
import type { Slice } from '../kit/slice';
import { MECHANICS } from '../roles';
import { ACCEPTED, refused } from '../verdict';

/** A job left for a while; null while it is in hand. */
export const parkedSlice: Slice<'parked', keyof ParkedActs> = {
  name: 'parked',
  empty: null,
  acts: {
    'job.parked': { nature: 'decision', roles: MECHANICS, card: () => null, restsOn: null },
    'job.resumed': {
      nature: 'decision',
      roles: MECHANICS,
      card: () => null,
      restsOn: null,
      decide: ({ parked }) => (parked ? ACCEPTED : refused('not-parked')),
      whenParked: true,
    },
  },
  evolve: {
    'job.parked': (_, { data, at, by }) => ({ ...data, at, by }),
    'job.resumed': () => null,
  },
};
