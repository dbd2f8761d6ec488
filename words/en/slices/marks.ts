import type { MarksActs } from '@cardinex/core/job/facts/marks';
import type { SliceWords } from '../actWords';
import { rackName } from '../cards/mark';

export const marksActWords: SliceWords<MarksActs> = {
  'mark.made': {
    line: ({ code }) => ({ what: 'Marked and bagged', value: code }),
    undo: ({ code }) => code,
  },
  'marks.racked': {
    line: ({ marks }) => ({ what: 'Laid in a rack, in order', value: rackName(marks) }),
    undo: ({ marks }) => rackName(marks),
  },
};
