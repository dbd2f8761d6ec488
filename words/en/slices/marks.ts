import type { MarksActs } from '@cardinex/core/job/facts/marks';
import type { SliceWords } from '../actWords';

export const marksActWords: SliceWords<MarksActs> = {
  'mark.made': {
    line: ({ code }) => ({ what: 'Marked and bagged', value: code }),
    undo: ({ code }) => code,
  },
};
