import type { OpenedActs } from '@cardinex/core/job/facts/opened';
import type { SliceWords } from '../actWords';
import { symptomName, keptReasons, scopeTitle } from '../scope';

export const openedActWords: SliceWords<OpenedActs> = {
  'job.opened': {
    line: ({ name, serial, scope, because, why }) => ({
      what: `Job opened: ${name}`,
      value: serial,
      words: [scopeTitle(scope), keptReasons(scope), because && symptomName(because), why]
        .filter(Boolean)
        .join('. '),
    }),
  },
  'sheet.taken': {
    line: ({ sheet, words }) => ({ what: `Sheet rev. ${sheet.revision} taken`, words }),
  },
};
