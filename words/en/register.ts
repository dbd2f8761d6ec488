import { counted } from './kit';
import type { CrankHold } from '@cardinex/core/job/facts/crank';
import type { TemporaryPartKind } from '@cardinex/core/job/facts/register';
import type { TemporaryBars } from '@cardinex/core/sheet/spec/assembly';

const KINDS: Readonly<Record<TemporaryPartKind, string>> = {
  'liner-clamp': 'Liner clamps',
  'case-clamp': 'Plates on the through bolts',
  'piston-guide': 'Piston guides',
  'guide-stud': 'Guide stud',
  plug: 'Plug',
  pin: 'Pin',
  rag: 'Rag',
  tape: 'Tape',
  bracket: 'Lifting bracket',
  other: 'Something else',
};

/** What each kind must not be in for, by itself. */
export const THING_BARS: Readonly<Record<TemporaryPartKind, TemporaryBars | null>> = {
  'liner-clamp': 'cover',
  'case-clamp': 'start',
  'piston-guide': 'start',
  'guide-stud': null,
  plug: 'cover',
  pin: 'turn',
  rag: 'cover',
  tape: 'cover',
  bracket: 'start',
  other: 'start',
};

const BARS: Readonly<Record<TemporaryBars, string>> = {
  turn: 'the crank must not turn',
  start: 'it must not be started',
  cover: 'nothing may be closed over it',
  lift: 'it must not be lifted',
};

export function thingKindName(kind: TemporaryPartKind): string {
  return KINDS[kind];
}

/** What must not happen while a thing is in. */
export function barsSentence(bars: TemporaryBars | null): string {
  return bars === null ? 'Harms nothing while it is in.' : `While it is in, ${BARS[bars]}.`;
}

/** Everything for which the crank must not be turned, and what would let it. */
export function crankHoldsSentence(holds: readonly CrankHold[]): string {
  return ['The crank must not turn.', ...holds.map(crankHoldSentence)].join(' ');
}

/** One reason why the crank must not be turned. */
export function crankHoldSentence({ code, what }: CrankHold): string {
  switch (code) {
    case 'hands-in':
      return `Somebody’s hands are in, ${what ?? 'somewhere'}: call out, and see them out first.`;
    case 'still-live':
      return 'The engine is not dead yet: see “Make it dead”.';
    case 'temporary-part-in':
      return `Still in is ${what ?? 'something'}.`;
    case 'jacks-on':
      return 'Jacks are on their studs: that stage is finished first, and they come off.';
    case 'liners-loose':
      return 'The head is off and the liners are not clamped: they lift with their pistons.';
    case 'through-bolts-slack':
      return 'Through bolts are slack: the case would work on its bearings. They are pulled down, or plates hold their ends.';
    case 'crank-hangs':
      return 'More than one main cap is off and the crank hangs: it would drop out of the others.';
    case 'rod-uncapped':
      return `A rod has no cap and is still in, cylinder ${what ?? ''}: it would strike the case.`;
    case 'piston-hangs':
      return `The cylinder is off and its piston hangs on its rod, ${what ?? ''}: it would strike the case. Somebody guides it, or something holds it clear.`;
    case 'drive-open':
      return 'The drive is off and valves may stand open: a piston would strike them. Timing is set first.';
  }
}

export const handsWords = {
  title: 'Hands in the engine',
  notAll:
    'Only those who said so stand here. Whoever carries no device, or has no signal, does not: call out, and see every hand, before anything turns.',
  mine: 'My hands are in',
  areIn: 'They are in',
  where: 'Where?',
  whereHint: 'e.g. under cylinder 3, at the timing case',
  needWhere: 'Say where, so that whoever looks for you knows it.',
  since: (when: string) => `since ${when}`,
  out: 'They are out',
  outOf: (name: string) => `${name}: they are out`,
} as const;

export const registerWords = {
  title: 'In the engine now',
  tab: 'In and out',
  none: 'Nothing that must come out again is in the engine.',
  count: (count: number) => counted(count, { one: 'thing in', other: 'things in' }),
  put: 'Put something in',
  putIn: 'It is in',
  takeOut: 'It is out',
  takeOutFirst: 'Before it goes on, take out:',
  takeOutOf: (name: string) => `${name}: it is out`,
  what: 'What is it?',
  whatHint: 'so that whoever looks for it knows it',
  where: 'Where?',
  whereHint: 'e.g. oil way at cylinder 2',
  bars: 'What must not happen while it is in?',
  barsNothing: 'Harms nothing',
  barsName: (bars: TemporaryBars) =>
    ({ turn: 'Turning', start: 'Starting', cover: 'Closing over it', lift: 'Lifting' })[bars],
  needWhat: 'Say what it is.',
  needWhere: 'Say where it is.',
  kind: 'What kind?',
  fromSheet: 'The sheet knows of these',
  out: 'Taken out',
  inSince: (when: string, who: string) => `in since ${when}, ${who}`,
  outSince: (when: string, who: string) => `out ${when}, ${who}`,
  mustNotTurn: 'The crank must not turn',
  held: {
    'case-clamp': 'Plates are on, pulled down',
    'piston-guide': 'The pistons are guided',
  },
  heldWhere: 'at the cylinder openings',
  back: [
    'A pin, a plug or a rag left in is found by the starter. What goes in is written down here, and what it would harm waits until it is out.',
    'At the end the list is empty, or the job does not close.',
  ],
} as const;
