import type { Redo } from '@cardinex/core/job/redo';
import { listed } from './quantity';

/** The figures a job runs on: its sheet's revision, its variant, and what another would change. */
export const jobSheetWords = {
  title: 'Sheet',
  runsOn: (revision: number) => `This job runs on rev. ${revision}.`,
  read: 'Read the sheet',
  newer: (revision: number) => `Rev. ${revision} has been published`,
  newest: 'That is the newest on this device.',
  keepsOwn: 'A job keeps the revision it began with until someone takes the newer one.',
  take: (revision: number) => `Go on by rev. ${revision}`,
  why: 'Why?',
  whyHint: 'e.g. the page was misread',
  needWhy: 'Say in a few words why: it stands in the record.',
  differences: 'What differs',
  noDifference: 'No figure differs.',
  more: (count: number) => `and ${count} more`,
  variant: 'Variant',
  change: (name: string) => `It is: ${name}`,
  redo: 'To be done again',
  redoNothing: 'All that was done stands.',
  bolts: (set: string, instance: string | null, numbers: readonly string[]) =>
    `${set}${instance === null ? '' : ` ${instance}`}: ${listed(numbers)}`,
  valves: (valves: readonly string[]) => `Valves ${listed(valves)}`,
  liners: 'The liners are out by these limits.',
} as const;

/** What must be done again, line by line. */
export function redoLines(redo: Redo, several: (set: string) => boolean): readonly string[] {
  return [
    ...redo.bolts.map(({ set, instance, numbers }) =>
      jobSheetWords.bolts(set, several(set) ? instance : null, numbers),
    ),
    ...(redo.valves.length > 0 ? [jobSheetWords.valves(redo.valves)] : []),
    ...(redo.liners ? [jobSheetWords.liners] : []),
  ];
}
