import type { PiecesActs } from '@cardinex/core/job/facts/pieces';
import type { SliceWords } from '../actWords';
import { conditionWord } from '../cards/strip';
import { piecesName, referenceName } from '../pieces';
import { withWords } from '../actWords';

export const piecesActWords: SliceWords<PiecesActs> = {
  'piece.off': {
    line: ({ pieces, found, words }, { sheet }) =>
      withWords(
        { what: `${piecesName(sheet.whole, pieces)} off`, value: conditionWord(found) },
        words,
      ),
  },
  'piece.eased': {
    line: ({ piece, off }, { sheet }) => ({
      what: `${referenceName(sheet.whole, piece)} eased`,
      value: `for ${referenceName(sheet.whole, off)}`,
    }),
  },
};
