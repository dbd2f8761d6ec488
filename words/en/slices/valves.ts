import { atStart } from '../kit';
import { withinSentence } from '../sentence';
import type { ValvesActs } from '@cardinex/core/job/facts/valves';
import type { JobSheet } from '@cardinex/core/job/scope';
import { withWords, type SliceWords } from '../actWords';
import { nutPulledLine } from '../cards/lockNut';
import { itemNamed } from '../itemNames';
import { pieceNamed } from '../pieces';
import { bridgeStepName, readingName, schoolName } from '../overheadNames';
import { degrees, length } from '../quantity';

export const valvesActWords: SliceWords<ValvesActs> = {
  'barring.chosen': {
    line: ({ school }) => ({ what: 'Gone round by', value: withinSentence(schoolName(school)) }),
  },
  'valve.read': {
    line: ({ valve, reading, mm, felt, nut }, { sheet, units }) => {
      const what = `${atStart(gapName(sheet, valve))}, ${withinSentence(readingName(reading))}`;
      const value = felt
        ? `${length(felt.goMm, units)} goes, ${length(felt.noGoMm, units)} does not`
        : length(mm, units);
      return withWords({ what, value }, nut && nutPulledLine(nut, units));
    },
    undo: ({ valve, reading }) => `${valve} ${reading}`,
  },
  'screw.set': {
    line: ({ item, turns, heightMm, nut }, { sheet, units }) => {
      const value = turns !== undefined ? degrees(turns * 360) : length(heightMm ?? 0, units);
      const what = `${atStart(itemNamed(sheet, item))} set`;
      return withWords({ what, value }, nut && nutPulledLine(nut, units));
    },
    undo: ({ item }, { sheet }) => itemNamed(sheet, item),
  },
  'push-rod.seen': {
    line: ({ valve, found }) => ({
      what: `Push rod of ${valve} in`,
      value: found === 'seated' ? 'in its pocket' : 'not in its pocket',
    }),
  },
  'bridge.seen': {
    line: ({ valve, step, found }) => ({
      what: `Bridge of ${valve}: ${withinSentence(bridgeStepName(step))}`,
      value: found === 'good' ? 'good' : 'it turns',
    }),
    undo: ({ valve }) => `bridge ${valve}`,
  },
  'shim.read': {
    line: ({ valve, mm }, { units }) => ({
      what: `Shim out of ${valve}`,
      value: length(mm, units),
    }),
  },
  'shims.chosen': {
    line: ({ shims }, { units }) => {
      const sentences = shims.map(({ valve, mm, from }) => {
        const where = from === undefined ? 'stock' : from === valve ? 'stays' : `out of ${from}`;
        return `${valve} ${length(mm, units)} (${where})`;
      });
      return { what: 'Shims in', words: sentences.join(', ') };
    },
  },
  'cover.on': { line: ({ cover }, { sheet }) => ({ what: `${pieceNamed(sheet, cover)} on` }) },
  'adjuster.read': {
    line: ({ item, mm }, { sheet, units }) => ({
      what: `Adjuster of ${itemNamed(sheet, item)} stands out`,
      value: length(mm, units),
    }),
  },
  'injector.coded': {
    line: ({ cylinder, code }) => ({ what: `Injector code, cylinder ${cylinder}`, value: code }),
  },
  'gaps.turned': {
    line: ({ leftOut }) =>
      leftOut === undefined
        ? { what: 'Two turns by hand, to feel every gap once more' }
        : { what: 'Gaps not felt once more', words: leftOut },
  },
  'recheck.begun': { line: ({ words }) => ({ what: 'Hot recheck begun', words }) },
};

/** "Valve E1"; "brake slave 3", which is called by its own name. */
function gapName(sheet: JobSheet, id: string): string {
  const named = itemNamed(sheet, id);
  return named === id ? `valve ${id}` : named;
}
