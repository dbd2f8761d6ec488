import type { CautionsActs } from '@cardinex/core/job/facts/cautions';
import type { SliceWords } from '../actWords';

export const cautionsActWords: SliceWords<CautionsActs> = {
  'caution.acknowledged': { line: ({ caution }) => ({ what: `Caution acknowledged: ${caution}` }) },
};
