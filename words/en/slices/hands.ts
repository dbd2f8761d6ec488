import type { HandsActs } from '@cardinex/core/job/facts/hands';
import type { SliceWords } from '../actWords';

export const handsActWords: SliceWords<HandsActs> = {
  'hands.in': { line: ({ where }) => ({ what: 'Hands in', words: where }) },
  'hands.out': { line: () => ({ what: 'Hands out' }) },
};
