import type { PhotographsActs } from '../facts/photographs';
import type { Slice } from '../kit/slice';
import { MOST_PHOTOGRAPHS } from '../photographs';
import { ANY_HAND } from '../roles';
import { ACCEPTED, refused } from '../verdict';

/** Photographs, in the order they were taken. */
export const photographsSlice: Slice<'photographs', keyof PhotographsActs> = {
  name: 'photographs',
  empty: [],
  acts: {
    'photograph.taken': {
      nature: 'fact',
      roles: ANY_HAND,
      card: () => null,
      decide: ({ photographs }) =>
        photographs.length < MOST_PHOTOGRAPHS
          ? ACCEPTED
          : refused('too-many-photographs', { most: MOST_PHOTOGRAPHS }),
    },
  },
  evolve: {
    'photograph.taken': (taken, { id: actId, data: { photograph: id, ...said }, at, by }) => [
      ...taken,
      { id, ...said, actId, at, by },
    ],
  },
};
