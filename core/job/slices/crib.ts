import type { LoggedActOf } from '../act';
import { wrenchNamed, type CribState, type NamesWrench } from '../crib';
import type { CribActs } from '../facts/crib';
import type { Slice } from '../kit/slice';
import { without } from '../kit/without';
import { refused } from '../verdict';

/** Every act that names a wrench; one that is missing does not compile. */
const DOUBTED = {
  'run.prepared': doubted,
  'bolt.pulled': doubted,
  'bolts.reported': doubted,
  'valve.read': doubted,
  'screw.set': doubted,
} satisfies { readonly [T in NamesWrench]: typeof doubted };

/** Acts whose wrench is not in the crib as they say. */
export const cribSlice: Slice<'crib', keyof CribActs> = {
  name: 'crib',
  empty: {},
  acts: {
    // The server's own: what the crib says is not a device's to send.
    'crib.judged': {
      nature: 'fact',
      roles: [],
      card: () => null,
      decide: (_, { type }) => refused('role-may-not', { act: type }),
      strikable: false,
    },
  },
  evolve: {
    'crib.judged': (crib, { data: { agree } }) => without(crib, agree),
    ...DOUBTED,
  },
};

function doubted(crib: CribState, act: LoggedActOf<NamesWrench>): CribState {
  const wrench = act.crib?.agrees === false ? wrenchNamed(act) : null;
  return wrench ? { ...crib, [act.id]: { wrench, act } } : crib;
}
