import type { TopActs } from '@cardinex/core/job/facts/top';
import type { SliceWords } from '../actWords';
import { degrees, length } from '../quantity';

export const topActWords: SliceWords<TopActs> = {
  'top.found': {
    line: (data, { units }) => ({
      what: 'Cylinder 1 against the stop, from both sides',
      value:
        'arcMm' in data
          ? `${length(data.arcMm, units)} apart`
          : `${degrees(data.stopForwardDeg)} and ${degrees(data.stopBackDeg)}`,
    }),
  },
  'crank.marked': { line: ({ words }) => ({ what: 'Top mark made', words }) },
};
