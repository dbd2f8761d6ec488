import type { OldBoltsActs } from '@cardinex/core/job/facts/oldBolts';
import { setOf } from '@cardinex/core/sheet/programmeOf';
import type { SliceWords } from '../actWords';

export const oldBoltsActWords: SliceWords<OldBoltsActs> = {
  'bolts.counted': {
    line: ({ set, group, count }, { sheet }) => {
      const name = setOf(sheet, set)?.groups.find(({ id }) => id === group)?.name ?? group;
      return { what: `${name} counted into the bag`, value: String(count) };
    },
  },
};
