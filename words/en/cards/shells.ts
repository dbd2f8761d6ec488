import type {
  ShellPatternCode,
  ShellPatternFinding,
  ShellWear,
} from '@cardinex/core/crank/shellPattern';
import type { ShellHalf } from '@cardinex/core/job/cards/shells/checks';
import { listed } from '../quantity';

/*
 * How old shells are found, and what they say laid out in their order.
 */

/** How a running face is found, as short as stands on a button. */
export const wearNames: Readonly<Record<ShellWear, string>> = {
  even: 'Even, grey',
  scored: 'Scored round',
  'edge-near': 'Edge, cylinder 1 side',
  'edge-far': 'Edge, far side',
  wiped: 'Wiped, run hot',
  copper: 'Through to copper',
  pitted: 'Pitted, flaked',
  turned: 'Turned in its seat',
};

/** The same in the record. */
export const wearDone: Readonly<Record<ShellWear, string>> = {
  even: 'even',
  scored: 'scored',
  'edge-near': 'worn at the edge towards cylinder 1',
  'edge-far': 'worn at the edge away from cylinder 1',
  wiped: 'wiped, run hot',
  copper: 'through to the copper',
  pitted: 'pitted',
  turned: 'turned in its seat',
};

const PATTERNS: Readonly<Record<ShellPatternCode, (bearings: string) => string>> = {
  turned: (bearings) =>
    `Turned in its seat: ${bearings}. A new shell alone turns again. Measure seat and cap, shell out, bolts pulled.`,
  'all-hot': () =>
    'All ran hot: no oil, thin oil, or a pump that sucked air. Look there before new shells go in.',
  'one-hot': (bearings) =>
    `Only ${bearings} ran hot. Look at its oilway and the size of its shell, and whether its cap is its own.`,
  'middle-hot': (bearings) =>
    `Hot in the middle: ${bearings}. A bent crank, or a line of bearings that has moved. Have both measured.`,
  'end-hot': (bearings) =>
    `Hot at one end: ${bearings}. What hangs there, pulley, coupling or belt, or oil that comes last to it.`,
  'some-hot': (bearings) =>
    `Hot here and there: ${bearings}. Oilways of these one by one, and the size of each shell.`,
  'edge-alone': (bearings) =>
    `Worn at an edge: ${bearings}. A journal that is a cone, a cap out of line, or dirt behind the shell; at a rod, a rod that is bent.`,
  'edges-alike': (bearings) =>
    `The same edge all along: ${bearings}. Journals ground to a cone, or bearings out of line.`,
  'edges-opposed': (bearings) =>
    `Edges this way and that: ${bearings}. Caps that lean, or a crank that bends.`,
  'scored-once': (bearings) =>
    `Dirt went through ${bearings}. Feel its journal, and look what came from above it.`,
  scored: (bearings) =>
    `Dirt went through ${bearings}. Galleries opened and flushed, filter and its valve looked at.`,
  pitted: (bearings) =>
    `Pitted: ${bearings}. Water or old oil, or too heavy a load. The oil tells which.`,
  'other-half': (bearings) =>
    `The half without load is worn, and its fellow is not: ${bearings}. The line of the bearings, or a crank that whips.`,
  even: () => 'All worn evenly, as they should be.',
};

/** What shells say together, and where to look; the manual and the measuring decide. */
export function patternSentence({ code, bearings }: ShellPatternFinding): string {
  return PATTERNS[code](listed(bearings));
}

const PATTERNS_SHORT: Readonly<Record<ShellPatternCode, string>> = {
  turned: 'one turned in its seat',
  'all-hot': 'all ran hot',
  'one-hot': 'one ran hot',
  'middle-hot': 'hot in the middle',
  'end-hot': 'hot at one end',
  'some-hot': 'hot here and there',
  'edge-alone': 'one worn at an edge',
  'edges-alike': 'the same edge all along',
  'edges-opposed': 'edges this way and that',
  'scored-once': 'one scored',
  scored: 'scored',
  pitted: 'pitted',
  'other-half': 'worn on the half without load',
  even: 'worn evenly',
};

/** The same within a line. */
export function patternShort(code: ShellPatternCode): string {
  return PATTERNS_SHORT[code];
}

export const shellsWords = {
  how: 'How was it found?',
  half: { upper: 'Upper', lower: 'Lower' } satisfies Record<ShellHalf, string>,
  heavy: 'The row with the heavy edge carries the load.',
  keep: 'Lay it in its place on the tray, running side up. Nothing is thrown away yet.',
  says: 'Where to look',
  only: 'It says where to look. The manual and the measuring decide.',
  drawing: (count: number) => `Old shells of ${count} bearings, laid out in their order`,
  still: 'Pick how this shell was found.',
} as const;

export const bearingsWords = {
  done: 'All bearings closed.',
  counts: (done: number, total: number) => `${done} of ${total}`,
  go: (bearing: string) => `Open bearing ${bearing}`,
  goOn: (bearing: string) => `Go on: bearing ${bearing}`,
  list: 'Bearings in the order they are opened',
  bearing: (bearing: string) => `Bearing ${bearing}`,
  thrust: 'carries the thrust: last',
  noThrust:
    'The sheet does not say which bearing carries the thrust. If you know, leave that one to the last.',
  one: 'One cap off at a time. All others on and pulled.',
  isOpen: 'open',
  isClosed: 'closed',
  isNext: 'next',
  crank: (bearing: string) => `bearing ${bearing}`,
} as const;
