import { longDay } from '../kit';
import type { PartHold } from '@cardinex/core/job/facts/parts';

/**
 * What keeps a card waiting, in words: "Head gasket: the wrong one came." Apart from the other words of parts: the board
 * says it too, and has no need of the names of every check.
 */
export function partHoldSentence(hold: PartHold): string {
  const { expected } = hold;
  return expected === undefined
    ? howItStands(hold)
    : `${howItStands(hold)} Expected ${longDay(expected)}.`;
}

function howItStands({ what, found, code }: PartHold): string {
  const name = what !== '' ? what : found ? 'A part to be replaced' : 'A part';
  switch (code) {
    case 'to-come':
      return `${name}: not laid beside the old yet.`;
    case 'to-choose':
      return `${name}: its grade is chosen by the stand-out first.`;
    case 'wrong':
      return `${name}: the wrong one came.`;
    case 'missing':
      return `${name}: not all of it came.`;
    case 'outside':
      return `${name}: still sent out.`;
    case 'unwashed':
      return `${name}: back, and not washed yet.`;
  }
}
