import type { ParkedActs } from '@cardinex/core/job/facts/parked';
import { withWords, type SliceWords } from '../actWords';

export const parkedActWords: SliceWords<ParkedActs> = {
  'job.parked': { line: ({ words }) => ({ what: 'Parked', words }) },
  'job.resumed': { line: ({ words }) => withWords({ what: 'Taken up again' }, words) },
};
