import { LINERS_OUT } from '@cardinex/core/job/cards/strip/view';
import type { OldBolts, Parted } from '@cardinex/core/job/cards/strip/view';

/** What comes off, in words. */
export function partedName(
  { item, instance }: Pick<Parted, 'item' | 'instance'>,
  several: boolean,
): string {
  if (item === LINERS_OUT) return 'Liners out of the block';
  return several ? `Number ${instance ?? ''} off` : 'Head off';
}

/** How many of which old bolts, and what becomes of them. */
export function oldBoltsSentence({ group, count, spent }: OldBolts): string {
  const { uses } = group;
  const then = spent
    ? 'spent: not to be used again. Keep them until the new ones lie beside them.'
    : uses === 'until-limit'
      ? 'they go in again if they are within their length.'
      : typeof uses === 'object'
        ? `to be used ${uses.most} times at most. Look for marks of earlier uses.`
        : '';
  return `${count} of them; ${then}`;
}

export const stripWords = {
  off: 'Take it off',
  wetOff:
    'Break its seal by a small turn sideways, never by a straight lift: the liners would come with it. Two people, or tackle and straight slings. Nobody beneath it; hands out of the gap.',
  dryOff: 'Two people, or tackle and straight slings. Nobody beneath it; hands out of the gap.',
  linersOut: 'Pulled with a puller, each with its shims and seals counted out.',
  isOff: 'It is off',
  areOut: 'They are out',
  looseFirst: 'Its bolts first.',
  clamp: 'Clamp the liners',
  clampWhy:
    'Until they are held down, the crank must not move: a liner that lifts takes its seals with it.',
  clamped: 'Liners are clamped',
  clampWhat: 'Liner clamps',
  clampWhere: 'on the deck, over every liner',
  count: 'Count the old bolts',
  counted: (count: number) => `${count} in the bag`,
  countField: (name: string) => `${name}: how many came out?`,
  usesField: 'How often had they been used before?',
  keep: 'Counted into the bag',
  done: 'All off, all counted.',
  slackenTitle: (set: string) => `Slacken: ${set}`,
  reverse: 'In reverse of the tightening order, in steps.',
  hydraulics:
    'Oil under pressure: gauge, hoses and couplings looked at, nobody in line with a stud, eyes covered. A leak is never felt for with a hand. An injection wound, however small, is an emergency: to hospital at once.',
  hydraulicsRead: 'Read. Nobody is in line.',
  runBack: 'Run the nut back',
  runBackAsk: 'Pump up, then back with the nut',
  back: [
    'Bolts let go at one end first bend what they clamped. They come off in the reverse of the order they went on, in steps.',
    'Studs that were stretched by jacks are stretched by jacks again: a spanner cannot turn those nuts.',
    'Old bolts are counted. One missing from the bag is somewhere in the engine.',
  ],
} as const;
