import { NO_TOP, type TopActs } from '../facts/top';
import type { Slice } from '../kit/slice';
import { MECHANICS } from '../roles';
import { decideTopFound } from '../top';
import { ACCEPTED, refused } from '../verdict';

/** Top dead centre of cylinder 1 by a positive stop, and its mark. */
export const topSlice: Slice<'top', keyof TopActs> = {
  name: 'top',
  empty: NO_TOP,
  acts: {
    'top.found': { nature: 'fact', roles: MECHANICS, card: () => null, decide: decideTopFound },
    'crank.marked': {
      nature: 'fact',
      roles: MECHANICS,
      card: () => null,
      decide: ({ top }) => (top.found ? ACCEPTED : refused('top-first')),
    },
  },
  evolve: {
    'top.found': (_, { data, at, by, seq }) => ({ found: { ...data, at, by, seq }, mark: null }),
    'crank.marked': (top, { data, at, by }) => ({ ...top, mark: { ...data, at, by } }),
  },
};
