import type { LeftOutActs } from '../facts/leftOut';
import type { Slice } from '../kit/slice';
import { MECHANICS } from '../roles';

/** Cards this job does without. */
export const leftOutSlice: Slice<'leftOut', keyof LeftOutActs> = {
  name: 'leftOut',
  empty: {},
  acts: {
    'card.left-out': {
      nature: 'decision',
      roles: MECHANICS,
      card: () => null,
      // How heads go on is a part of their card, told apart by its check.
      restsOn: ({ card }, _, on) => card !== 'covering' && on()?.card === card,
      holdsUp: ({ card }) => (card === 'covering' ? { card: 'tighten' } : { card }),
    },
  },
  evolve: {
    'card.left-out': (leftOut, { data: { card, words }, at, by }) => ({
      ...leftOut,
      [card]: { words, at, by },
    }),
  },
};
