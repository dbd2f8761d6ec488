import type { GasketActs } from '@cardinex/core/job/facts/gasket';
import { withWords, type SliceWords } from '../actWords';

export const gasketActWords: SliceWords<GasketActs> = {
  'gasket.chosen': {
    line: ({ mark, by, words }) => withWords({ what: `Gasket: ${mark}`, value: WHY[by] }, words),
  },
};

const WHY: Readonly<Record<GasketActs['gasket.chosen']['by'], string>> = {
  'stand-out': 'by stand-out',
  'old-gasket': 'as the one that came off',
};
