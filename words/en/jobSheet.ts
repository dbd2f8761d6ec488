import type { CameWith, Layer } from '@cardinex/core/job/facts/layers';
import type { Redo } from '@cardinex/core/job/redo';
import { listed } from './quantity';
import { withinSentence } from './sentence';

/** What a leaflet came with. */
export const cameWithNames: Readonly<Record<CameWith, string>> = {
  bolts: 'Bolts',
  studs: 'Studs',
  gasket: 'Gasket',
  liners: 'Liners',
  pistons: 'Pistons',
  rings: 'Rings',
  bearings: 'Bearings',
  'valve-gear': 'Valve gear',
  other: 'Something else',
};

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
  mark: (was: string, now: string | null) =>
    now === null
      ? `Marked ${was}: this engine has no such part.`
      : `Marked anew: ${was} becomes ${now}.`,
  valves: (valves: readonly string[]) => `Valves ${listed(valves)}`,
  liners: 'The liners are out by these limits.',
  treatment: (set: string, instance: string | null, was: string, now: string) =>
    `${set}${instance === null ? '' : ` ${instance}`}: pulled with “${was}”, now “${now}”. Another clamp load.`,
} as const;

/** What must be done again, line by line. */
export function redoLines(redo: Redo, several: (set: string) => boolean): readonly string[] {
  return [
    ...redo.bolts.map(({ set, instance, numbers }) =>
      jobSheetWords.bolts(set, several(set) ? instance : null, numbers),
    ),
    ...redo.treatments.map(({ set, instance, was, now }) =>
      jobSheetWords.treatment(set, several(set) ? instance : null, was, now),
    ),
    ...redo.marks.map(({ was, now }) => jobSheetWords.mark(was, now)),
    ...(redo.valves.length > 0 ? [jobSheetWords.valves(redo.valves)] : []),
    ...(redo.liners ? [jobSheetWords.liners] : []),
  ];
}

/** The back of the card: why the figures of a job are more than its sheet. */
export const jobSheetBack = [
  'The sheet is the engine maker’s. What comes with new bolts, studs, gaskets, rings and pistons belongs to this job, and may say otherwise.',
  'The same torque with another thing on the threads is another clamp load, by tens of per cent.',
  'Where two leaflets demand opposite things, the parts may not belong together: ask whoever sold them. Until there is an answer, leave a stretch bolt alone.',
  'What this engine has had done to it holds over what its maker printed: a skimmed head, a ground crank, a bush in a bolt hole.',
  'A decision is recorded with its reason; nothing that was said is lost.',
] as const;

/** Leaflets that came with the parts, and what the engine has had done to it. */
export const layerWords = {
  title: 'Leaflets and deviations',
  none: 'None entered. New bolts, gaskets, rings and pistons bring leaflets of their own.',
  enterLeaflet: 'Enter a leaflet',
  enterLeafletHint: 'what came with the parts',
  enterDeviation: 'Enter a deviation',
  enterDeviationHint: 'what was done to this engine',
  leaflet: 'Leaflet',
  layerKind: (kind: Layer['kind'], cameWith: CameWith | undefined) => {
    const name = kind === 'leaflet' ? 'Leaflet' : 'Deviation';
    return cameWith === undefined ? name : `${name}: ${withinSentence(cameWithNames[cameWith])}`;
  },
  deviation: 'Deviation',
  leafletTitle: 'What is printed on top of it?',
  leafletTitleHint: 'e.g. Head bolt set, sheet 3',
  deviationTitle: 'What was done to this engine?',
  deviationTitleHint: 'e.g. Block decked by 0.1 mm',
  needTitle: 'Give it a title, so that it can be told from the next one.',
  cameWith: 'What did it come with?',
  needCameWith: 'Say what it came with.',
  says: 'What it says',
  changes: 'What it changes',
  needSays: 'Enter at least one thing it says.',
  needValue: (label: string) => `${label}: say what stands there, or take it out.`,
  add: 'Add what it says',
  addChange: 'Add a figure it changes',
  search: 'Look for a figure',
  searchHint: 'e.g. treatment, stage 2, gap',
  noMatch: 'Nothing on the sheet is called that.',
  moreMatches: (count: number) => `and ${count} more: type another word`,
  parts: 'All parts',
  sheetSays: 'The sheet',
  silent: 'says nothing',
  same: 'says the same',
  differs: 'differs',
  isNew: 'is new',
  keepLeaflet: 'Keep the leaflet',
  layerIncomplete: 'Not yet: give it its title, and at least one figure.',
  keepDeviation: 'Keep the deviation',
  remove: 'Take out',
  open: 'To be decided',
  openHint: 'Until someone decides, the sheet’s figure stands and the cards it touches wait.',
  holds: (name: string) => `${name} holds`,
  which: 'Which holds?',
  ticked: 'Tap a line to leave it for later.',
  agrees: 'says the same',
  adds: 'added: the sheet is silent',
  deviates: 'holds on this engine',
  decided: (name: string) => `decided: ${name} holds`,
  nowhere: 'the sheet has no such figure any more',
  doesNotAddUp: 'With this the sheet would not add up.',
  objections: 'These do not add up, and are not worked by',
} as const;
