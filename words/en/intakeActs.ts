import type { ActLine, Known } from './actLine';
import type { ActOf, ActType } from '@cardinex/core/job/act';
import type { Isolation } from '@cardinex/core/job/cards/dead/checks';
import { DEAD } from '@cardinex/core/job/cards/dead/checks';
import { checkOf } from '@cardinex/core/job/checks/allChecks';
import type { JobSheet } from '@cardinex/core/job/scope';
import { STRIP } from '@cardinex/core/job/slackening';
import { setOf } from '@cardinex/core/sheet/programmeOf';
import { capital, small } from './capital';
import { isolationSentence } from './cards/dead';
import { cardTitle } from './cards/names';
import { checkItemName, decisionDone, placeName } from './checkNames';
import { partName, standingWord } from './cards/parts';
import { partedName } from './cards/strip';
import { markLook } from './markLook';
import { length, METRIC, type ReaderUnits } from './quantity';
import { causeName, scopeTitle } from './scope';

type IntakeType = Extract<
  ActType,
  | 'scope.widened'
  | 'card.left-out'
  | `job.${'parked' | 'resumed'}`
  | 'photograph.taken'
  | 'cause.answered'
  | `check.${string}`
  | 'mark.made'
  | 'bolts.counted'
  | `thing.${string}`
  | 'part.arrived'
  | `work.${string}`
>;

/** One line of the record for an act from opening to inspection. */
export function intakeLine(
  act: { [T in IntakeType]: ActOf<T> }[IntakeType],
  sheet: JobSheet,
  units: ReaderUnits = METRIC,
  known?: Known,
): ActLine {
  const said = (words: string | undefined): { words?: string } => (words ? { words } : {});
  switch (act.type) {
    case 'scope.widened':
      return { what: 'Goes further', value: scopeTitle(act.data.scope), words: act.data.words };
    case 'card.left-out':
      return { what: `${cardTitle(act.data.card)}: left out`, words: act.data.words };
    case 'job.parked':
      return { what: 'Parked', words: act.data.words };
    case 'job.resumed':
      return { what: 'Taken up again', ...said(act.data.words) };
    case 'photograph.taken':
      return { what: 'Photograph', words: act.data.says };
    case 'cause.answered':
      return {
        what: `Cause: ${causeName(act.data.because)}`,
        ...(act.data.words && { words: act.data.words }),
      };
    case 'check.read': {
      const { check: id, item, place = '', mm, gauge, far } = act.data;
      const check = checkOf(sheet, id);
      const where = check && place !== '' ? `, ${placeName(sheet, check, place)}` : '';
      const words = [gauge?.name, far && 'questioned, and kept'].filter(Boolean).join('; ');
      return {
        what: `${checkItemName(sheet, id, item)}${where}`,
        value: length(mm, units),
        ...said(words),
      };
    }
    case 'check.seen':
      return seenLine(act, sheet);
    case 'check.decided': {
      const { check, item, decision, words } = act.data;
      return { what: checkItemName(sheet, check, item), value: decisionDone[decision], words };
    }
    case 'mark.made':
      return { what: 'Marked and bagged', value: act.data.code };
    case 'bolts.counted': {
      const { set, group, count } = act.data;
      const name = setOf(sheet, set)?.groups.find(({ id }) => id === group)?.name ?? group;
      return { what: `${name} counted into the bag`, value: String(count) };
    }
    case 'thing.put-in':
      return { what: `In: ${act.data.what}`, words: act.data.where };
    case 'thing.taken-out':
      return takenOut(act.data.thing, known);
    case 'part.arrived': {
      const { part, count, verdict, words } = act.data;
      return {
        what: `Part: ${partName(sheet, part)}`,
        value: `${count}, ${standingWord(verdict)}`,
        ...said(words),
      };
    }
    case 'work.sent':
      return { what: `Sent out: ${act.data.what}`, words: act.data.to };
    case 'work.back': {
      const { result, certificate, washed } = act.data;
      const sent = known?.parts.outside.find(({ id }) => id === act.data.work)?.what;
      const back = washed ? 'back and washed' : 'back, not washed yet';
      return {
        what: sent === undefined ? capital(back) : `${sent}: ${back}`,
        words: [result, certificate].filter(Boolean).join('. '),
      };
    }
  }
}

/** What came out, and from where. */
function takenOut(thing: string, known: Known | undefined): ActLine {
  const found = known?.register.find(({ id }) => id === thing);
  return found
    ? { what: `Out again: ${small(found.what)}`, words: found.where }
    : { what: 'Out again' };
}

/** A head, a cylinder or the liners, off. */
function partedLine(item: string, sheet: JobSheet): string {
  const [, set = '', instance = ''] = item.split('/');
  const found = setOf(sheet, set);
  const name = partedName({ item, instance }, (found?.instances.length ?? 1) > 1);
  return found && found.instances.length > 1 ? `${found.name}: ${small(name)}` : name;
}

function seenLine({ data }: ActOf<'check.seen'>, sheet: JobSheet): ActLine {
  const { check: id, item, step = '', found, words } = data;
  const value = found === 'good' ? 'so' : 'not good';
  const more = words ? { words } : {};
  if (id === DEAD) return { what: isolationSentence(item as Isolation), value, ...more };
  if (id === STRIP) return { what: partedLine(item, sheet), ...more };
  const check = checkOf(sheet, id);
  const place = check && step !== '' ? placeName(sheet, check, step).toLowerCase() : markLook(id);
  const where = place === undefined ? '' : `, ${place}`;
  return { what: `${checkItemName(sheet, id, item)}${where}`, value, ...more };
}
