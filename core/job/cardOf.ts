import type { RunName } from './facts/run';
import type { Act } from './act';
import { DEAD } from './cards/dead';
import { checkOf } from './checks/allChecks';
import { cardOfRun, readKey } from './run/runKey';
import { isRunAct } from './run/runState';
import type { JobSheet } from './scope';
import { STRIP } from './slackening';
import type { CardName } from './trayReason';

/** A card, and which fastened set where it has one. */
export interface CardPlace {
  readonly card: CardName;
  readonly set?: string;
}

/** Which card of a job's tray an act belongs to; null for acts that belong to none, or that mend any. */
export function cardOf(act: Act, sheet: JobSheet): CardPlace | null {
  if (isRunAct(act)) {
    return runCard(readKey(act.data.key).run);
  }
  switch (act.type) {
    case 'check.read':
    case 'check.seen':
    case 'check.decided':
      return checkCard(sheet, act.data.check);
    case 'piece.weighed':
      return { card: 'pistons' };
    case 'gasket.chosen':
      return { card: 'stand-out' };
    case 'mark.made':
      return { card: 'mark' };
    case 'bolts.counted':
      return { card: 'strip' };
    case 'part.arrived':
    case 'work.sent':
    case 'work.back':
      return { card: 'parts' };
    case 'cause.answered':
      return { card: 'cause' };
    case 'liner.read':
    case 'liners.accepted':
    case 'liners.placed':
    case 'liner.sealed':
      return { card: 'liners' };
    case 'bolts.reported':
      return runCard(readKey(act.data.pulls[0]?.key ?? '').run);
    case 'run.prepared':
    case 'stage.set':
    case 'wrench.let-back':
    case 'bolt.taken-out':
    case 'run.marked':
    case 'cap.turned':
      return runCard(act.data.run);
    case 'valve.read':
    case 'gaps.turned':
    case 'screw.set':
    case 'push-rod.seen':
    case 'bridge.seen':
    case 'barring.chosen':
    case 'cover.on':
    case 'shim.read':
    case 'shims.chosen':
    case 'adjuster.read':
    case 'injector.coded':
      return { card: 'valves' };
    case 'recheck.begun':
      return { card: 'recheck' };
    case 'heat.reached':
      return { card: 'after-heat' };
    default:
      return null;
  }
}

/** Where a run is worked on; everything that is slackened has one card. */
export function runCard(run: RunName): CardPlace {
  const card = cardOfRun(run);
  return card === 'strip' ? { card } : { card, set: run.set };
}

/** Was an act done on a card? Any act, where no card is asked for. */
export function isOn(card: CardName | undefined, act: Act, sheet: JobSheet): boolean {
  return card === undefined || cardOf(act, sheet)?.card === card;
}

/** Making dead, taking off, and every card of checks share their acts. */
function checkCard(sheet: JobSheet, id: string): CardPlace {
  if (id === DEAD) return { card: 'dead' };
  if (id === STRIP) return { card: 'strip' };
  const check = checkOf(sheet, id);
  const set = check?.card === 'tighten' ? check.set : undefined;
  return { card: check?.card ?? 'inspect', ...(set !== undefined && { set }) };
}
