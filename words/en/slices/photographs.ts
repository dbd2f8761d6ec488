import type { PhotographsActs } from '@cardinex/core/job/facts/photographs';
import type { SliceWords } from '../actWords';

export const photographsActWords: SliceWords<PhotographsActs> = {
  'photograph.taken': { line: ({ says }) => ({ what: 'Photograph', words: says }) },
};
