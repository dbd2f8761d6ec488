import type { AttitudeActs } from '@cardinex/core/job/facts/attitude';
import type { SliceWords } from '../actWords';
import { standsName, turnOverLookName } from '../attitude';
import { list } from '../kit';

export const attitudeActWords: SliceWords<AttitudeActs> = {
  'engine.turned-over': {
    line: ({ to, seen }) => ({
      what: `Engine turned over: it stands ${standsName(to)}`,
      words: list(seen.map(turnOverLookName)),
    }),
  },
};
