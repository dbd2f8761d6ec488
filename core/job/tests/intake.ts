import type { Scope } from '../facts/scope';
import type { TrayCard } from '../standing';
import type { CardName } from '../facts/cardName';
import { firstVariant, sheetHash } from '@cardinex/demo/jobs';
import { lockside } from '@cardinex/demo/shops';
import { Storyteller } from '@cardinex/demo/storyteller';
import { allGood, madeDead, marked, partsIn, stripped } from '@cardinex/demo/intakeStory';
import type { EngineSheet } from '../../sheet/engineSheet';
import type { Act, ActData, ActType } from '../act';
import { decide } from '../decide';
import type { DecideInput } from '../decideContext';
import { trayOf } from '../tray';
import { after, jobOf, lastAt, stateOf, STARTS, tobin } from './story';

export { allGood, madeDead, marked, measured, sheetIn, stripped } from '@cardinex/demo/intakeStory';

/** A job on any engine, opened by Tobin at eight in the morning. */
export function openedFor(
  sheet: EngineSheet,
  scope: Scope,
  variant = firstVariant(sheet),
): Storyteller {
  return new Storyteller(lockside, 'a-job', sheet, STARTS, tobin).act('job.opened', {
    sheet: { id: sheet.id, revision: sheet.revision, hash: sheetHash(sheet) },
    serial: '1',
    name: 'test engine',
    why: 'a test',
    cylinder1End: sheet.cylinder1End,
    variant,
    scope,
    because: 'overheated',
  });
}

/** A job with every card there is, all apart, its parts in, inspected and found good. */
export function apart(sheet: EngineSheet, scope: Scope): Storyteller {
  const story = openedFor(sheet, scope);
  partsIn(stripped(marked(madeDead(story, sheet), sheet), sheet), sheet);
  return allGood(story, sheet, 'inspect');
}

/** A card of a story's tray. */
export function cardIn(story: Storyteller, sheet: EngineSheet, card: CardName): TrayCard {
  const found = trayOf(sheet, stateOf(story), lastAt(story)).find((entry) => entry.card === card);
  if (!found) throw new Error(`no card ${card}`);
  return found;
}

/** Why one more act would be refused; null when it would not. */
export function refusalIn<T extends ActType>(
  story: Storyteller,
  sheet: EngineSheet,
  type: T,
  data: ActData[T],
  member: Partial<DecideInput['member']> = {},
): string | null {
  const act: Act = after(story, type, data);
  const verdict = decide(jobOf(story), act, {
    now: act.at,
    sheet,
    member: { id: act.by, role: 'mechanic', fresh: false, ...member },
  });
  return verdict.ok ? null : verdict.refusal.code;
}
