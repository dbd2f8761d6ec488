import type { PiecesActs } from '@cardinex/core/job/facts/pieces';
import type { SliceWords } from '../actWords';
import { conditionWord } from '../cards/strip';
import { assemblyActName, piecesName, referenceName } from '../pieces';
import { withWords } from '../actWords';

export const piecesActWords: SliceWords<PiecesActs> = {
  'piece.off': {
    line: ({ pieces, found, words }, { sheet }) =>
      withWords(
        { what: `${piecesName(sheet.whole, pieces)} off`, value: conditionWord(found) },
        words,
      ),
  },
  'way.opened': {
    line: ({ pieces, act }, { sheet }) => ({
      what: `${piecesName(sheet.whole, pieces)} off again`,
      value: `for ${assemblyActName(act)}`,
    }),
  },
  'piece.eased': {
    line: ({ piece, off }, { sheet }) => ({
      what: `${referenceName(sheet.whole, piece)} eased`,
      value: `for ${referenceName(sheet.whole, off)}`,
    }),
  },
};
