import type { TurnOverLook } from '@cardinex/core/job/facts/attitude';
import type { StandsHow } from '@cardinex/core/sheet/spec/assembly';
import type { CrankHold } from '@cardinex/core/job/facts/crank';
import { list } from './kit';
import { crankHoldSentence } from './register';

const STANDS: Readonly<Record<StandsHow, string>> = {
  upright: 'upright',
  inverted: 'upside down',
  'bank-level': 'with its bank level',
};

/** How an engine stands, within a sentence: "upside down". */
export function standsName(stands: StandsHow): string {
  return STANDS[stands];
}

const LOOKS: Readonly<Record<TurnOverLook, string>> = {
  'fluids-out': 'Oil and water are out, their drains closed',
  'loose-held': 'Liners, tappets, rods and loose caps are held',
  'stand-locked': 'The stand is rated for it and locks',
  'nobody-below': 'Nobody is below or in reach, hands are out',
};

/** What is seen to before it is turned over. */
export function turnOverLookName(look: TurnOverLook): string {
  return LOOKS[look];
}

/** Everything for which an engine must not be turned over. */
export function turnOverHoldsSentence(holds: readonly CrankHold[]): string {
  return ['The engine must not be turned over.', ...holds.map(turnOverHoldSentence)].join(' ');
}

/** One reason why it must not. */
function turnOverHoldSentence(hold: CrankHold): string {
  return hold.code === 'liners-loose'
    ? 'The head is off and the liners are not clamped: they would drop out.'
    : crankHoldSentence(hold);
}

export const attitudeWords = {
  title: 'How the engine stands',
  stands: (stands: StandsHow) => `It stands ${standsName(stands)}.`,
  since: (when: string, who: string) => `turned over ${when}, ${who}`,
  asItCame: 'as it came',
  turn: (to: StandsHow) => `Turn it ${to === 'upright' ? 'back upright' : standsName(to)}`,
  first: (to: StandsHow) => `This is done with the engine ${standsName(to)}.`,
  caution:
    'It swings as its weight goes over. By the stand’s own gear, within what it is rated for; if it is in doubt, hoist it. The manual and the rules of the place come first.',
  looks: 'Each seen to, one by one',
  stillToSee: (looks: readonly TurnOverLook[]) =>
    `Still to see to: ${list(looks.map(turnOverLookName))}.`,
  isTurned: (to: StandsHow) => `It stands ${standsName(to)}, locked`,
  asItStands: 'It is done as it stands',
  asItStandsTitle: 'Done as it stands?',
  asItStandsSays: 'What has lain on it may drop once its bolts are out: hold it from below.',
  asItStandsWhy: 'Why?',
  asItStandsHint: 'e.g. the engine stays in its frame, and it is reached from below',
  asItStandsNeed: 'Say why: it stands in the record.',
  asItStandsGo: 'Go on as it stands',
} as const;
