import { besideWithin } from '../weighing';
import { upTo } from '../kit';
import { withinSentence } from '../sentence';
import type { ChecksActs } from '@cardinex/core/job/facts/checks';
import { DEAD, type Isolation } from '@cardinex/core/job/cards/dead/checks';
import { checkOf } from '@cardinex/core/job/checks/allChecks';
import type { DeviationShown } from '@cardinex/core/job/facts/shown';
import type { ActLine } from '../actLine';
import { withWords, type Around, type SliceWords } from '../actWords';
import { isolationSentence } from '../cards/dead';
import { wearDone } from '../cards/shells';
import {
  checkItemName,
  checkName,
  checkedItemName,
  decisionDone,
  itemName,
  placeName,
  rowCount,
  rowName,
  stepsName,
} from '../checkNames';
import { markLook } from '../markLook';
import { mass } from '../mass';
import { pieceNamed } from '../pieces';
import { length } from '../quantity';

export const checksActWords: SliceWords<ChecksActs> = {
  'check.read': {
    line: (
      { check: id, item, place = '', mm, gauge, far, deviation, direct },
      { sheet, units },
    ) => {
      const check = checkOf(sheet, id);
      const where = check && place !== '' ? `, ${placeName(sheet, check, place)}` : '';
      const words = [
        gauge?.name,
        deviation && deviationShown(deviation),
        direct && 'by strip or leaf',
        far && 'questioned, and kept',
      ]
        .filter(Boolean)
        .join('; ');
      const what = `${checkItemName(sheet, id, item)}${where}`;
      return withWords({ what, value: length(mm, units) }, words);
    },
    undo: itemOf,
  },
  'check.seen': {
    line: seenLine,
    undo: ({ check, item }, around) =>
      check === DEAD
        ? withinSentence(isolationSentence(item as Isolation))
        : itemOf({ check, item }, around),
  },
  'check.not-here': {
    line: ({ check: id, item, place = '', words }, { sheet }) => {
      const check = checkOf(sheet, id);
      const where =
        check && place !== '' ? `, ${withinSentence(placeName(sheet, check, place))}` : '';
      return { what: `${checkItemName(sheet, id, item)}${where}`, value: 'not so here', words };
    },
    undo: itemOf,
  },
  'check.row-seen': {
    line: rowLine,
    undo: ({ check: id, items, steps }, { sheet }) => {
      const check = checkOf(sheet, id);
      return check ? rowName(sheet, check, items, steps) : id;
    },
  },
  'joint.wiped-off': {
    line: ({ piece }, { sheet }) => ({
      what: pieceNamed(sheet.whole, piece),
      value: 'bead wiped off',
    }),
    undo: () => 'bead wiped off',
  },
  'check.decided': {
    line: ({ check, item, decision, words }, { sheet }) => ({
      what: checkItemName(sheet, check, item),
      value: decisionDone[decision],
      words,
    }),
  },
  'piece.weighed': {
    line: ({ check, item, grams, beside }, { sheet }) => ({
      what: checkItemName(sheet, check, item),
      value: mass(grams),
      ...(beside && { words: besideWithin(beside) }),
    }),
    undo: itemOf,
  },
};

/** "set to 94.00 mm, showed +3" */
function deviationShown({ set, divisions }: DeviationShown): string {
  return `gauge set to ${set.text} ${set.unit}, showed ${divisions > 0 ? '+' : ''}${upTo(divisions, 1)}`;
}

function itemOf(
  { check, item }: { readonly check: string; readonly item: string },
  { sheet }: Around,
): string {
  return checkedItemName(sheet, check, item);
}

function rowLine(
  { check: id, items, steps }: ChecksActs['check.row-seen'],
  { sheet }: Around,
): ActLine {
  const check = checkOf(sheet, id);
  if (!check) return { what: id };
  const what = `${checkName(sheet, check)}, ${withinSentence(stepsName(sheet, check, steps))}`;
  // Of one thing alone it is its steps that are told.
  if (check.items.length === 1) return { what, value: 'so' };
  return {
    what,
    value: rowCount(check.items, items),
    each: items.map((item) => itemName(sheet, check, item)),
  };
}

function seenLine(
  { check: id, item, step = '', found, words, count, wear }: ChecksActs['check.seen'],
  { sheet }: Around,
): ActLine {
  const looked = found === 'good' ? 'so' : 'not good';
  const value = wear ? wearDone[wear] : count === undefined ? looked : `${count} counted`;
  if (id === DEAD) return withWords({ what: isolationSentence(item as Isolation), value }, words);
  const check = checkOf(sheet, id);
  const place = check && step !== '' ? withinSentence(placeName(sheet, check, step)) : markLook(id);
  const where = place === undefined ? '' : `, ${place}`;
  return withWords({ what: `${checkItemName(sheet, id, item)}${where}`, value }, words);
}
