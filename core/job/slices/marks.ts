import { isSamePart } from '../cards/mark/view';
import { decideMarkMade, decideMarksRacked } from '../cards/mark/rules';
import type { MadeMark, MarksActs, MarksState } from '../facts/marks';
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
      decide: (_, { data }, context) => decideMarkMade(data, context),
    },
    'marks.racked': {
      nature: 'fact',
      roles: MECHANICS,
      card: () => ({ card: 'mark' }),
      decide: (_, act, context) => decideMarksRacked(act, context),
    },
  },
  evolve: {
    'mark.made': (marks, { data, at, by }) => withMark(marks, { ...data, at, by }),
    'marks.racked': (marks, { data, at, by }) =>
      data.marks.reduce((soFar, mark) => withMark(soFar, { ...mark, at, by }), marks),
  },
};

function withMark(marks: MarksState, made: MadeMark): MarksState {
  return [...marks.filter((other) => !isSamePart(other, made)), made];
}
