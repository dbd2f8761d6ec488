import type { CautionsActs } from '../facts/cautions';
import type { Slice } from '../kit/slice';
import { MECHANICS } from '../roles';

/** Cautions acknowledged on this job. */
export const cautionsSlice: Slice<'cautions', keyof CautionsActs> = {
  name: 'cautions',
  empty: {},
  acts: {
    'caution.acknowledged': { nature: 'fact', roles: MECHANICS, card: () => null },
  },
  evolve: {
    'caution.acknowledged': (cautions, { data, at, by }) => ({
      ...cautions,
      [data.caution]: { by, at },
    }),
  },
};
