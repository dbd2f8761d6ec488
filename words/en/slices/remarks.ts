import type { RemarksActs } from '@cardinex/core/job/facts/remarks';
import type { Known } from '../actLine';
import { withWords, type SliceWords } from '../actWords';
import { placeTitle } from '../outOfOrder';

export const remarksActWords: SliceWords<RemarksActs> = {
  'remark.made': {
    line: ({ words, card, set }, { sheet }) => ({
      what: card
        ? `To see to later, on ${placeTitle(sheet, { card, ...(set !== undefined && { set }) })}`
        : 'To see to later',
      words,
    }),
    undo: () => 'remark',
  },
  'remark.seen-to': {
    line: ({ remark, words }, { known }) =>
      withWords({ what: remarkWords(known, remark), value: 'seen to' }, words),
  },
  'remark.accepted': {
    line: ({ remark, words }, { known }) => ({
      what: remarkWords(known, remark),
      value: 'left as it is',
      words,
    }),
  },
};

function remarkWords(known: Known | undefined, id: string): string {
  return known?.remarks.find((remark) => remark.id === id)?.words ?? 'Remark';
}
