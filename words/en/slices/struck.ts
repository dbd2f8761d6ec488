import type { StruckActs } from '@cardinex/core/job/facts/struck';
import { withWords, type SliceWords } from '../actWords';

export const struckActWords: SliceWords<StruckActs> = {
  struck: { line: ({ words }) => withWords({ what: 'Struck' }, words) },
};
