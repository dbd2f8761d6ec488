import { stillLive } from './cards/dead';
import { checkViews } from './cards/inspect/view';
import { markViews } from './cards/mark';
import { heldUpBy, kitViews, type Holds } from './cards/parts';
import { oldBoltsOf, partedOf, stripRuns } from './cards/strip';
import { runDone } from './cards/tighten';
import type { LeaveOut } from './leaveOut';
import { crankHeldBy } from './crankHeld';
import { thingsBarring, thingsIn, type ThingBars } from './register';
import type { JobSheet } from './scope';
import type { JobState } from './state';
import type { CardName, Standing, TrayReason } from './tray';

/*
 * How the cards from opening to inspection stand, and what they and the register hold up further on.
 */

const DONE: Standing = { status: 'done', reason: { code: 'all-done' }, trouble: false };

function open(reason: TrayReason, trouble = false): Standing {
  return { status: 'open', reason, trouble };
}

/** A card left out on this job asks for nothing more; null for one that was not. */
export function leftOut(card: CardName, { leftOut: out }: JobState): Standing | null {
  const why = out[card as LeaveOut];
  if (!why) return null;
  return { status: 'done', reason: { code: 'left-out', words: why.words }, trouble: false };
}

export function deadCard(sheet: JobSheet, { checks }: JobState): Standing {
  const left = stillLive(sheet, checks).length;
  return left === 0 ? DONE : open({ code: 'to-make-dead', left });
}

export function markCard(sheet: JobSheet, { marks }: JobState): Standing {
  const views = markViews(sheet, marks);
  const translated = views.filter((view) => view.translated).length;
  if (translated > 0) return open({ code: 'marks-translated', count: translated }, true);
  const made = views.filter((view) => view.made).length;
  return made === views.length ? DONE : open({ code: 'to-mark', made, of: views.length });
}

export function stripCard(sheet: JobSheet, state: JobState, now: string): Standing {
  const next = stripRuns(sheet, state, now).find((run) => !runDone(run));
  if (next) {
    const { set, name } = next;
    const instance = set.instances.length > 1 ? { instance: name.instance } : {};
    return open({ code: 'to-slacken', set: set.name, ...instance });
  }
  if (partedOf(sheet, state).some((part) => !part.off)) return open({ code: 'to-take-off' });
  const counted = oldBoltsOf(sheet).every(({ key }) => state.oldBolts[key]);
  return counted ? DONE : open({ code: 'to-count' });
}

/** Parts come when they come: the card waits, and asks only when something of it is not right. */
export function partsCard(sheet: JobSheet, state: JobState): Standing {
  const views = kitViews(sheet, state);
  const wrong = views.filter(({ standing }) => standing === 'wrong' || standing === 'missing');
  if (wrong.length > 0) return open({ code: 'parts-wrong', count: wrong.length }, true);
  const here = views.filter(({ standing }) => standing === 'right').length;
  const needed = views.filter(
    ({ item, standing }) => standing === 'to-come' && item.when !== 'if-worn',
  );
  const away = state.parts.outside.some(({ back }) => !back?.washed);
  if (needed.length === 0 && !away) return DONE;
  const reason = { code: 'parts-to-come' as const, here, of: here + needed.length };
  return { status: 'waiting', reason, trouble: false };
}

export function inspectCard(sheet: JobSheet, { checks }: JobState): Standing {
  const views = checkViews(sheet, checks);
  const out = views.reduce((count, { undecided }) => count + undecided.length, 0);
  if (out > 0) return open({ code: 'inspected-out', count: out }, true);
  const done = views.filter((view) => view.done).length;
  return done === views.length ? DONE : open({ code: 'to-inspect', done, of: views.length });
}

/** The last of all: open from the day the job is, asked for when nothing else is left. */
export function causeCard(
  others: readonly Pick<Standing, 'status'>[],
  { cause, register }: JobState,
): Standing {
  const rest = others.every(({ status }) => status === 'done');
  const inside = thingsIn(register).map(({ what, where }) => `${what}, ${where}`);
  if (rest && inside.length > 0) {
    return { status: 'waiting', reason: { code: 'things-in', things: inside }, trouble: true };
  }
  if (cause) return DONE;
  if (rest) return open({ code: 'cause-to-answer' });
  return { status: 'waiting', reason: { code: 'cause-last' }, trouble: false };
}

/** Parts that a card cannot be worked on without; null when all are here. */
export function missingFor(sheet: JobSheet, state: JobState, holds: Holds): TrayReason | null {
  if (!state.scope) return null;
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
