import { ordinal } from '../kit';
import type { MarkKind, MarkPlace } from '@cardinex/core/job/facts/marks';
import type { Mark } from '@cardinex/core/job/cards/mark/view';
import { endName } from '../quantity';

const KINDS: Readonly<Record<MarkKind, string>> = {
  rod: 'Rods with their caps',
  liner: 'Liner and piston sets',
  'push-rod': 'Push rods',
  rocker: 'Rockers',
  tappet: 'Tappets',
  'tappet-shim': 'Tappet shims',
  'liner-shim': 'Liner shims',
  shells: 'Bearing shells',
  bolts: 'Bolts, by length',
};

const ONE: Readonly<Record<MarkKind, string>> = {
  rod: 'Rod and cap',
  liner: 'Liner and piston',
  'push-rod': 'Push rod',
  rocker: 'Rocker',
  tappet: 'Tappet',
  'tappet-shim': 'Tappet shim',
  'liner-shim': 'Liner shims',
  shells: 'Shell',
  bolts: 'Bolts',
};

/** Which way it goes back: a number without a direction costs days. */
const UP: Readonly<Record<MarkKind, string>> = {
  rod: 'Both halves, on the side the book names.',
  liner: 'An arrow to the cylinder-1 end.',
  'push-rod': 'Tag on the end that was up.',
  rocker: 'Tag on the valve’s side.',
  tappet: 'Stands upright in its box, face down.',
  'tappet-shim': 'With its tappet, face as it lay.',
  'liner-shim': 'As they lay, from the flange down.',
  shells: 'Back up, tang as it lay.',
  bolts: 'Each to its own hole; washers stay on.',
};

/** Where no stamp may go. */
const NOT_ON: Readonly<Record<MarkKind, string>> = {
  rod: 'Never stamp a rod with a cracked cap, nor a shank: paint pen or tag.',
  liner: 'Not on flange or sealing band: paint pen on the outside.',
  'push-rod': 'Tag only.',
  rocker: 'Tag only; not on pad or bore.',
  tappet: 'Never on the face: a box with numbered places.',
  'tappet-shim': 'Never on a face: into its bag.',
  'liner-shim': 'Tag only: they set the height.',
  shells: 'Paint pen on the back’s edge, not where it seats.',
  bolts: 'Into a labelled bag; no stamp on a bolt.',
};

/** The heading of all marks of one kind. */
export function markKindName(kind: MarkKind): string {
  return KINDS[kind];
}

/** A rack of parts: "Push rods: P E1, P I1". */
export function rackName(marks: readonly Pick<Mark, 'kind' | 'code'>[]): string {
  const [first] = marks;
  return first ? `${KINDS[first.kind]}: ${marks.map(({ code }) => code).join(', ')}` : '';
}

/** One part in words: "Push rod, exhaust of cylinder 2". */
export function markName({
  kind,
  cylinder,
  valve,
  code,
}: Pick<Mark, 'kind' | 'cylinder' | 'valve' | 'code'>): string {
  if (kind === 'bolts' || kind === 'shells') return code.replace(/^\S+ /, '');
  if (valve) return `${ONE[kind]}, ${valve.kind} of cylinder ${valve.cylinder}`;
  return cylinder === undefined ? ONE[kind] : `${ONE[kind]}, cylinder ${cylinder}`;
}

/** Which way it lies. */
export function markUp(kind: MarkKind): string {
  return UP[kind];
}

/** Where it may not be stamped. */
export function markNotOn(kind: MarkKind): string {
  return NOT_ON[kind];
}

/** Where it sat, from a named end: "2nd of 4 from the fan end". */
export function markPlace({ nth, total: of, end }: MarkPlace): string {
  return nth === 0 ? '' : `${ordinal(nth, ENDINGS)} of ${of} from ${endName(end)}`;
}

const ENDINGS = { one: 'st', two: 'nd', few: 'rd', other: 'th' };

export const markWords = {
  title: 'Mark before parting',
  counts: (made: number, total: number) => `${made} of ${total}`,
  writes: 'Write on it',
  next: 'Next',
  made: 'Marked and bagged',
  again: 'Marked anew',
  saidBefore: (was: string, now: string) =>
    `It says “${was}”. This engine is the other variant: it is “${now}”. Mark it anew.`,
  translated: (count: number) =>
    count === 1
      ? '1 part says something else than it should since the variant was changed.'
      : `${count} parts say something else than they should since the variant was changed.`,
  stray: (code: string) => `“${code}” is on a part this engine does not have. Find out what it is.`,
  allDone: 'All marked and bagged.',
  labels: 'Labels to print',
  labelsSheet: 'A sheet of tags',
  labelsRoll: 'For a label roll',
  labelsAway: 'Labels are made where the server is: they need the network.',
  back: [
    'Parts that have run together go back together, the same way round. A number without a direction costs days.',
    'Cylinders are counted from the end named on every tag. Look at the engine once more before the first mark.',
    'If it turns out to be another variant, change that on the sheet’s tab: marks already made are translated, and what must be marked anew is named here.',
  ],
} as const;
