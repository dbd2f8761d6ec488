import type { DrawDown } from '@cardinex/core/assembly/drawDown';
import type { Reach } from '@cardinex/core/assembly/reachInput';
import { counted, list, plural, upTo } from './kit';

/** What comes off to get at something, in its order, and what is only eased. */
export function reachSentence({ order, eased }: Pick<Reach, 'order' | 'eased'>): string {
  const off =
    order.length === 0
      ? 'Nothing has to come off.'
      : `${plural(order.length, { one: '1 piece comes', other: `${order.length} pieces come` })} off, in this order: ${list(order)}.`;
  return eased.length === 0
    ? off
    : `${off} Eased, and left on: ${list(eased.map(({ id }) => id))}.`;
}

/** In how many rounds a part goes down, and how far it leans at most meanwhile. */
export function drawDownSentence({ rounds, turnDegPerRound, mostTiltDeg }: DrawDown): string {
  const turns = `${counted(rounds, { one: 'round', other: 'rounds' })} of ${upTo(turnDegPerRound, 0)}° at each`;
  return `${turns}; it leans ${upTo(mostTiltDeg, 2)}° at most. Then to the printed values; off again in the same steps, the last one first.`;
}

export const reachBenchWords = {
  engine: 'Which engine?',
  scope: 'How far in?',
  which: 'Which one?',
  choose: 'Choose an engine of the shop, and how far in.',
} as const;
