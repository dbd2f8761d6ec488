import { decideTurnedOver } from '../attitude';
import type { AttitudeActs } from '../facts/attitude';
import type { Slice } from '../kit/slice';
import { MECHANICS } from '../roles';

/** How the engine stands in its stand. It comes upright. */
export const attitudeSlice: Slice<'attitude', keyof AttitudeActs> = {
  name: 'attitude',
  empty: { stands: 'upright', turned: null },
  acts: {
    'engine.turned-over': {
      nature: 'fact',
      roles: MECHANICS,
      card: () => null,
      decide: decideTurnedOver,
    },
  },
  evolve: {
    'engine.turned-over': (_, { data: { to }, at, by }) => ({ stands: to, turned: { at, by } }),
  },
};
