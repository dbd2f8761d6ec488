import { isSamePart } from '../cards/mark/view';
import { decideMarkMade } from '../cards/mark/rules';
import type { MarksActs } from '../facts/marks';
import type { Slice } from '../kit/slice';
import { MECHANICS } from '../roles';

/** Marks as they were made, the newest of each part. */
export const marksSlice: Slice<'marks', keyof MarksActs> = {
  name: 'marks',
  empty: [],
  acts: {
    'mark.made': {
      nature: 'fact',
      roles: MECHANICS,
      card: () => ({ card: 'mark' }),
      decide: (_, act, context) => decideMarkMade(act, context),
    },
  },
  evolve: {
    'mark.made': (marks, { data, at, by }) => {
      const made = { ...data, at, by };
      return [...marks.filter((other) => !isSamePart(other, made)), made];
    },
  },
};
