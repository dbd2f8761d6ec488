import type { HeatActs } from '@cardinex/core/job/facts/heat';
import type { SliceWords } from '../actWords';

export const heatActWords: SliceWords<HeatActs> = {
  'heat.reached': { line: ({ words }) => ({ what: 'Run to working heat', words }) },
};
