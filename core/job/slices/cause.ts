import { needsWords } from '../cause';
import type { CauseActs } from '../facts/cause';
import type { Slice } from '../kit/slice';
import { ANY_HAND } from '../roles';
import { ACCEPTED, refused } from '../verdict';

/** Why the engine failed. */
export const causeSlice: Slice<'cause', keyof CauseActs> = {
  name: 'cause',
  empty: null,
  acts: {
    'cause.answered': {
      nature: 'decision',
      roles: ANY_HAND,
      card: () => ({ card: 'cause' }),
      restsOn: null,
      decide: (_, { data }) =>
        data.words || !needsWords(data.cause) ? ACCEPTED : refused('words-needed'),
    },
  },
  evolve: { 'cause.answered': (_, { data, at, by }) => ({ ...data, at, by }) },
};
