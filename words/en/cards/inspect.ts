import type { CheckFinding } from '@cardinex/core/job/checks/findings';
import { buildFindingSentence } from './build';
import {
  boreWearSentence,
  checkSentence,
  clearanceSentence,
  endFloatSentence,
  headSentence,
  ringSentence,
  undersizeSentence,
} from '../inspection';
import { METRIC, length, type ReaderUnits } from '../quantity';

/** What readings come to, and what follows. */
export function findingSentence(finding: CheckFinding, units: ReaderUnits = METRIC): string {
  switch (finding.kind) {
    case 'flatness':
      return headSentence(finding.found, units);
    case 'bores':
      return boreWearSentence(finding.found, units);
    case 'journals':
      return `${undersizeSentence(finding.found, units)} ${checkSentence('Ovality', finding.ovalityMm, finding.ovality, units)}.`;
    case 'clearances':
      return clearanceSentence(finding.found, units);
    case 'end-float':
      return endFloatSentence(finding.found, units);
    case 'rings':
      return ringSentence(finding.found, units);
    case 'lengths': {
      const { mm, limitMm, verdict } = finding.found;
      const text = length(mm, units);
      return verdict === 'over'
        ? `${text} long, over its limit of ${length(limitMm, units)}: it has stretched. Replace it.`
        : `${text} long, within ${length(limitMm, units)}.`;
    }
    case 'mass-beside':
    case 'masses':
    case 'ring-gaps':
    case 'rod-floats':
    case 'side-clearances':
    case 'stand-outs':
    case 'wheel-line':
      return buildFindingSentence(finding, units);
  }
}

/** What a cut head brings with it, said before it is decided. */
export const afterCut =
  'A cut brings valves nearer to pistons, raises compression and lets injectors stand out further: check all three, and choose the gasket for it.';

export const inspectWords = {
  title: 'Inspect',
  counts: (done: number, total: number) => `${done} of ${total} done`,
  tapToReadAgain: 'All read. Tap one to read it again.',
  readOf: (read: number, total: number) => `${read} of ${total}`,
  out: (count: number) => `${count} out`,
  within: 'Within',
  readThrough: 'Read',
  isOut: 'Out',
  noLimit: 'No limit on the sheet',
  unread: 'to do',
  crankHeld: 'crank held',
  decided: 'decided',
  toChecks: 'All checks',
  nextCheck: 'Next check',
  keep: 'Write it down',
  gridItem: 'What',
  reading: 'Reading',
  odd: 'far from its fellows',
  aboveNew: (read: string, fresh: string) =>
    `${read} is thicker than a new one, ${fresh}. Read it again; is it this engine’s part, and measured where the book says?`,
  oneByOne: 'One at a time',
  grid: 'Whole table',
  fromTable: 'Paste, or from CSV',
  gauge: 'Measured with',
  noGauge: 'Not said',
  beyond: (low: string, high: string) =>
    `Between ${low} and ${high} is possible here. Look at the decimal mark.`,
  tick: (step: string) => `${step}: tick it`,
  ticked: 'It is so',
  notHere: 'Not so here',
  notHereTitle: (what: string) => `${what}: not so here`,
  notHereWhy: 'Why does it not apply to this engine?',
  needNotHere: 'Say in a few words why it does not apply: it stands in the record.',
  bySize: 'Size of the bearing',
  byClearance: 'The clearance itself',
  readsWhat: 'What is read',
  notGood: 'Not good',
  good: 'Good',
  whatIsIt: 'What is it?',
  saidGood: (who: string) => `${who} said it is good, not knowing of this. Look at it once more.`,
  needWhat: 'Say in a few words what is not good.',
  next: (item: string) => `Next: ${item}`,
  allRead: 'All read.',
  decideTitle: (item: string) => `${item} is out. What is done about it?`,
  why: 'Why?',
  needWhy: 'Say in a few words why: it stands in the record.',
  onlyReplace: 'It cannot be worked on.',
  holesFirst:
    'Before the bores are filled, or with them covered. Thread chaser, not a cutting tap; nothing on plated threads. Fluid left in a blind hole cracks the casting.',
  turnsCrank: 'Bring each piston to its bottom first.',
  holesLabel: (done: string, notGood: string, leftOut: string) =>
    `Map of the bolts, cylinder 1 at the left. Done: ${done || 'none'}. Not good: ${notGood || 'none'}.${leftOut === '' ? '' : ` Left out: ${leftOut}.`}`,
  looksBack: [
    'Nothing goes back that was not looked at. What is not measured is seen, felt and said.',
    'A reading far from the others is questioned before it is kept: more often the thumb than the part.',
    'Where the sheet gives no limit, that is said; it is never taken for within.',
  ],
} as const;
