import { withinSentence } from '../sentence';
import type { PartVerdict, KitItem } from '@cardinex/core/job/facts/parts';
import type { KitView } from '@cardinex/core/job/cards/parts/view';
import type { JobSheet } from '@cardinex/core/job/scope';
import { setOf } from '@cardinex/core/sheet/programmeOf';
import { checkItemName } from '../checkNames';

const WHEN: Readonly<Record<KitItem['when'], string>> = {
  always: 'always renewed',
  'if-worn': 'if worn',
  'by-measurement': 'chosen by measurement',
  'matched-set': 'kept together as a set',
  'found-out': 'found at inspection',
};

const STANDINGS: Readonly<Record<KitView['standing'], string>> = {
  'to-come': 'to come',
  right: 'right',
  wrong: 'wrong',
  missing: 'missing',
};

/** Why it is bought. */
export function whenWord(when: KitItem['when']): string {
  return WHEN[when];
}

export function standingWord(standing: KitView['standing']): string {
  return STANDINGS[standing];
}

/** What a line of the kit is called. */
export function kitName({ part, found }: Pick<KitItem, 'part' | 'found'>, sheet: JobSheet): string {
  return found ? checkItemName(sheet, found.check, found.item) : part;
}

/** A line of the kit by the key it is kept under, whatever the log holds besides. */
export function partName(sheet: JobSheet, key: string): string {
  const [list, first = '', ...rest] = key.split('/');
  switch (list) {
    case 'bolts':
      return setOf(sheet, first)?.groups.find(({ id }) => id === rest[0])?.name ?? key;
    case 'renew':
      return sheet.renew?.[Number(first)]?.part ?? key;
    case undefined:
    default: {
      const item = rest.at(-1) ?? '';
      return checkItemName(sheet, [first, ...rest.slice(0, -1)].join('/'), item);
    }
  }
}

export const verdictNames: Readonly<Record<PartVerdict, string>> = {
  right: 'It is right',
  wrong: 'It is wrong',
  missing: 'Not all of it',
};

export const partsWords = {
  counts: (here: number, total: number) => `${here} of ${total} here`,
  kit: 'What is needed',
  none: 'The sheet lists nothing to renew.',
  lay: 'Lay it beside the old one: same count, same shape, same end. Measure what matters.',
  oldKept: (count: number) => `${count} old ones are in the bag to compare with.`,
  needs: (count: number) => `${count} needed`,
  came: 'How many came?',
  words: 'What about it?',
  wordsWrong: 'What is wrong with it?',
  wordsHint: 'mark, grade, size; or what is wrong',
  needWords: 'Say what is wrong with it, or what is missing.',
  needCount: 'Enter how many came, as a whole number.',
  bars: (card: string) => `Waits for it: ${withinSentence(card)}.`,
  leaflet: 'A leaflet came with it',
  outside: 'Sent out',
  outsideNone: 'Nothing is sent out.',
  send: 'Send something out',
  what: 'What goes out, and for what?',
  whatHint: 'e.g. head: crack test and cut',
  to: 'To whom?',
  needWhat: 'Say what goes out.',
  needTo: 'Say who has it.',
  holds: 'What waits for it?',
  holdsNothing: 'Nothing',
  sent: 'It is sent',
  isBack: 'It is back',
  result: 'What did they do or find?',
  needResult: 'Say what came of it.',
  certificate: 'Certificate or report, if there is one',
  washed: 'Washed again here',
  notWashed: 'Not washed yet',
  washNow: 'It is washed now',
  washWhy: 'Machine shops leave grit. It goes nowhere before it is washed again.',
  keep: 'Keep it',
  back: [
    'A wrong part is found on the day it comes, or on the day it is needed and everything waits.',
    'Old bolts and gaskets are kept until the new ones lie beside them and match: some are special.',
    'Matched sets stay whole: liner, piston, rings and pin; rods balanced as a set.',
  ],
} as const;
