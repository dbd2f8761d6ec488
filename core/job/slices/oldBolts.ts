import { decideBoltsCounted } from '../cards/strip/rules';
import type { OldBoltsActs } from '../facts/oldBolts';
import type { Slice } from '../kit/slice';
import { MECHANICS } from '../roles';

/** Bolts that came out, counted into their bags. */
export const oldBoltsSlice: Slice<'oldBolts', keyof OldBoltsActs> = {
  name: 'oldBolts',
  empty: {},
  acts: {
    'bolts.counted': {
      nature: 'fact',
      roles: MECHANICS,
      card: () => ({ card: 'strip' }),
      decide: (_, act, context) => decideBoltsCounted(act, context),
    },
  },
  evolve: {
    'bolts.counted': (bags, { data: { set, group, ...counted }, at, by }) => ({
      ...bags,
      [`${set}/${group}`]: { ...counted, at, by },
    }),
  },
};
