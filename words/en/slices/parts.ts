import { atStart, longDay } from '../kit';
import type { PartsActs } from '@cardinex/core/job/facts/parts';
import { withWords, type SliceWords } from '../actWords';
import { partName, standingWord } from '../cards/parts';

export const partsActWords: SliceWords<PartsActs> = {
  'part.arrived': {
    line: ({ part, count, verdict, words, grade }, { sheet }) => {
      const what = `Part: ${partName(sheet, part)}`;
      const said = [grade, words].filter(Boolean).join('; ');
      return withWords({ what, value: `${count}, ${standingWord(verdict)}` }, said);
    },
  },
  'parts.expected': {
    line: ({ parts, on, words }, { sheet }) => {
      const [first = '', ...others] = parts;
      const what = others.length > 0 ? `${parts.length} parts` : partName(sheet, first);
      return withWords({ what: `Part: ${what}`, value: `expected ${longDay(on)}` }, words);
    },
  },
  'work.sent': { line: ({ what, to }) => ({ what: `Sent out: ${what}`, words: to }) },
  'work.back': {
    line: ({ work, result, certificate, washed }, { known }) => {
      const sent = known?.parts.outside.find(({ id }) => id === work)?.what;
      const back = washed ? 'back and washed' : 'back, not washed yet';
      return {
        what: sent === undefined ? atStart(back) : `${sent}: ${back}`,
        words: [result, certificate].filter(Boolean).join('. '),
      };
    },
  },
};
