import type { CardName, TrayReason } from './trayReason';
import type { LeaveOut } from './facts/leftOut';
import type { ThingBars } from './facts/register';
import type { Holds } from './facts/parts';
import { cribDoubts } from './crib';
import { stillLive } from './cards/dead';
import { markViews } from './cards/mark';
import { heldUpBy, kitViews } from './cards/parts';
import { oldBoltsOf, partedOf, stripRuns } from './cards/strip';
import { runDone } from './run/runView';
import { crankHeldBy } from './crankHeld';
import { thingsBarring, thingsIn } from './register';
import type { JobSheet } from './scope';
import type { JobState } from './state';
import { DONE, openFor, type Standing } from './standing';

/*
 * How the cards from opening to inspection stand, and what they and the register hold up further on.
 */

/** A card left out on this job asks for nothing more; null for one that was not. */
export function leftOut(card: CardName, { leftOut: out }: JobState): Standing | null {
  const why = out[card as LeaveOut];
  if (!why) return null;
  return { status: 'done', reason: { code: 'left-out', words: why.words }, trouble: false };
}

export function deadCard(sheet: JobSheet, { checks }: JobState): Standing {
  const left = stillLive(sheet, checks).length;
  return left === 0 ? DONE : openFor({ code: 'to-make-dead', left });
}

export function markCard(sheet: JobSheet, { marks }: JobState): Standing {
  const views = markViews(sheet, marks);
  const translated = views.filter((view) => view.translated).length;
  if (translated > 0) return openFor({ code: 'marks-translated', count: translated }, true);
  const made = views.filter((view) => view.made).length;
  return made === views.length ? DONE : openFor({ code: 'to-mark', made, of: views.length });
}

export function stripCard(sheet: JobSheet, state: JobState, now: string): Standing {
  const next = stripRuns(sheet, state, now).find((run) => !runDone(run));
  if (next) {
    const { set, name } = next;
    const instance = set.instances.length > 1 ? { instance: name.instance } : {};
    return openFor({ code: 'to-slacken', set: set.name, ...instance });
  }
  if (partedOf(sheet, state).some((part) => !part.off)) return openFor({ code: 'to-take-off' });
  const counted = oldBoltsOf(sheet).every(({ key }) => state.oldBolts[key]);
  return counted ? DONE : openFor({ code: 'to-count' });
}

/** Parts come when they come: the card waits, and asks only when something of it is not right. */
export function partsCard(sheet: JobSheet, state: JobState): Standing {
  const views = kitViews(sheet, state);
  const wrong = views.filter(({ standing }) => standing === 'wrong' || standing === 'missing');
  if (wrong.length > 0) return openFor({ code: 'parts-wrong', count: wrong.length }, true);
  const here = views.filter(({ standing }) => standing === 'right').length;
  const needed = views.filter(
    ({ item, standing }) => standing === 'to-come' && item.when !== 'if-worn',
  );
  const away = state.parts.outside.some(({ back }) => !back?.washed);
  if (needed.length === 0 && !away) return DONE;
  const reason = { code: 'parts-to-come' as const, here, of: here + needed.length };
  return { status: 'waiting', reason, trouble: false };
}

/** The last of all: open from the day the job is, asked for when nothing else is left. */
export function causeCard(
  others: readonly Pick<Standing, 'status'>[],
  { cause, register, crib }: JobState,
): Standing {
  const rest = others.every(({ status }) => status === 'done');
  const inside = thingsIn(register).map(({ what, where }) => `${what}, ${where}`);
  if (rest && inside.length > 0) {
    return { status: 'waiting', reason: { code: 'things-in', things: inside }, trouble: true };
  }
  const wrenches = cribDoubts({ crib });
  if (rest && wrenches.length > 0) {
    return { status: 'waiting', reason: { code: 'crib-disagrees', wrenches }, trouble: true };
  }
  if (cause) return DONE;
  if (rest) return openFor({ code: 'cause-to-answer' });
  return { status: 'waiting', reason: { code: 'cause-last' }, trouble: false };
}

/** Parts that a card cannot be worked on without; null when all are here. */
export function missingFor(sheet: JobSheet, state: JobState, holds: Holds): TrayReason | null {
  const parts = heldUpBy(sheet, state, holds);
  return parts.length > 0 ? { code: 'parts-missing', parts } : null;
}

/** What is still in and must come out before this; null when nothing is. */
export function stillIn({ register }: JobState, bars: ThingBars): TrayReason | null {
  const things = thingsBarring(register, bars).map(({ what, where }) => `${what}, ${where}`);
  return things.length > 0 ? { code: 'things-in', things } : null;
}

/** What holds the crank; null when it may be turned. */
export function crankHeld(sheet: JobSheet, state: JobState): TrayReason | null {
  const [by] = crankHeldBy(sheet, state);
  return by ? { code: 'crank-held', by } : null;
}
