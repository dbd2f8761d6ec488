import { list, longDay, plural } from '../kit';
import { jointKindName } from '../pieceLines';
import { pieceNamed } from '../pieces';
import { withinSentence } from '../sentence';
import type { JointLine, PartVerdict, KitItem } from '@cardinex/core/job/facts/parts';
import type { OrderLine } from '@cardinex/core/job/cards/parts/orderList';
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
  'to-choose': 'held',
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
export function kitName(
  { part, found, condemned, grade, joints }: KitItem,
  sheet: JobSheet,
): string {
  if (joints) return partsWords.joints;
  if (condemned) return `${part}, ${cylindersName(condemned.cylinders)}`;
  if (grade) return `${part}: ${grade}`;
  return found ? checkItemName(sheet, found.check, found.item) : part;
}

/** "cylinder 3", "cylinders 1 and 2" */
function cylindersName(cylinders: readonly number[]): string {
  return `${plural(cylinders.length, { one: 'cylinder', other: 'cylinders' })} ${list(cylinders)}`;
}

/** Why a matched set is condemned: "whole, because of: bores, cylinder 3". */
export function condemnedWhy({ condemned }: KitItem, sheet: JobSheet): string {
  const by = (condemned?.by ?? []).map(({ check, item }) =>
    withinSentence(checkItemName(sheet, check, item)),
  );
  return by.length > 0 ? `Condemned whole: ${list(by)}.` : '';
}

/** A kind of joint that goes in new: "Sump: gasket, Cork, one a side, 2". */
export function jointLineName({ piece, kind, what }: JointLine, sheet: JobSheet): string {
  const name = [jointKindName({ kind }), what ?? ''].filter(Boolean).map(withinSentence).join(', ');
  return `${pieceNamed(sheet.whole, piece)}: ${name}`;
}

/** A line of the kit by the key it is kept under, whatever the log holds besides. */
export function partName(sheet: JobSheet, key: string): string {
  const [list, first = '', ...rest] = key.split('/');
  switch (list) {
    case 'bolts':
      return setOf(sheet, first)?.groups.find(({ id }) => id === rest[0])?.name ?? key;
    case 'renew':
      return sheet.renew?.[Number(first)]?.part ?? key;
    case 'joints':
      return partsWords.joints;
    case 'matched': {
      const cylinders = (rest[0] ?? '').split('-').map(Number);
      return `${sheet.renew?.[Number(first)]?.part ?? key}, ${cylindersName(cylinders)}`;
    }
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
  joints: 'Gaskets, rings and seals of what comes off',
  together: (parts: string) => `Kept together, and condemned together: ${parts}.`,
  several: (name: string, count: number) => `${name}: ${count}`,
  grade: 'Which grade is marked on it?',
  gradeHeld: 'Its grade is chosen by what the pistons stand out. Do not order it before.',
  gradeOther: (came: string, wanted: string) => `${came} came, ${wanted} is wanted.`,
  order: 'List to order',
  orderTitle: (job: string) => `To order for ${job}`,
  orderNone: 'Nothing is to be ordered.',
  orderCsv: 'Save as CSV',
  orderPdf: 'Print',
  when: 'When is it to come?',
  whenHint: 'like 2026-03-31; empty if nobody knows',
  whenAll: 'The same day for all that is to come',
  needDay: 'A day like 2026-03-31, or nothing.',
  expected: (day: string) => `Expected ${day}`,
  keepDay: 'Keep the day',
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

/** What a list to order is headed by, column for column. */
export const ORDER_HEAD = ['Part', 'Number', 'Why', 'Source', 'Expected'] as const;

const ORDERED: Readonly<Record<OrderLine['standing'], string>> = {
  'to-order': '',
  wrong: 'the wrong one came',
  missing: 'not all of it came',
  held: 'held: its grade is not known yet',
};

/** The lines of a list to order, as they stand on paper and in a file; joints by their pieces. */
export function orderRows(
  lines: readonly OrderLine[],
  sheet: JobSheet,
): readonly (readonly string[])[] {
  return lines.flatMap(({ item, count, standing, expected }): readonly (readonly string[])[] => {
    const day = expected ? longDay(expected.on) : '';
    const why = [whenWord(item.when), condemnedWhy(item, sheet), ORDERED[standing]]
      .filter(Boolean)
      .join('; ');
    if (item.joints)
      return item.joints.map((joint) => [
        jointLineName(joint, sheet),
        String(joint.count),
        why,
        item.source,
        day,
      ]);
    return [
      [kitName(item, sheet), count === undefined ? '' : String(count), why, item.source, day],
    ];
  });
}
