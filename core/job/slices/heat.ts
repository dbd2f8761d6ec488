import type { HeatActs } from '../facts/heat';
import type { Slice } from '../kit/slice';
import { MECHANICS } from '../roles';

/** When the engine was last run to working heat. */
export const heatSlice: Slice<'heat', keyof HeatActs> = {
  name: 'heat',
  empty: null,
  acts: {
    'heat.reached': { nature: 'fact', roles: MECHANICS, card: () => ({ card: 'after-heat' }) },
  },
  evolve: { 'heat.reached': (_, { data, at, by }) => ({ at, by, words: data.words }) },
};
