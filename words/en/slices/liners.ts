import type { LinersActs } from '@cardinex/core/job/facts/liners';
import { heightsOf } from '@cardinex/core/sheet/spec/block';
import type { ActLine } from '../actLine';
import { withWords, type Around, type SliceWords } from '../actWords';
import { length, listed } from '../quantity';

export const linersActWords: SliceWords<LinersActs> = {
  'liner.read': {
    line: ({ bore, place, mm }, { sheet, units }) => {
      const named = heightsOf(sheet.liners)?.places[place] ?? String(place + 1);
      return { what: `Liner ${bore}, ${named}`, value: length(mm, units) };
    },
    undo: ({ bore }) => `liner ${bore}`,
  },
  'liners.accepted': { line: ({ words }) => withWords({ what: 'Liners accepted' }, words) },
  'liners.placed': { line: placedLine },
  'liner.sealed': {
    line: (data) => ({
      what: `Liner ${data.bore}: seals`,
      value: `${data.out} out, ${data.in} in`,
    }),
  },
};

function placedLine({ placement }: LinersActs['liners.placed'], { units }: Around): ActLine {
  const moves = placement
    .filter(({ bore, liner }) => bore !== liner)
    .map(({ bore, liner }) => `${liner} to bore ${bore}`);
  const shims = placement
    .filter(({ shimsMm }) => shimsMm.length > 0)
    .map(
      ({ bore, shimsMm }) =>
        `bore ${bore} on ${shimsMm.map((mm) => length(mm, units)).join(' + ')}`,
    );
  const sentences = [moves.length > 0 ? `liner ${listed(moves)}` : '', listed(shims)];
  return { what: 'Liners placed', words: sentences.filter(Boolean).join('; ') || 'all stay' };
}
