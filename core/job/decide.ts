import type { Act, ActOf, LoggedAct, Stamp } from './act';
import {
  decideLinerRead,
  decideLinerSealed,
  decideLinersAccepted,
  decideLinersPlaced,
} from './cards/liners';
import { decideGasket } from './cards/standOut';
import {
  decideCheckDecided,
  decideCheckRead,
  decideCheckSeen,
  decidePieceWeighed,
} from './checks/decide';
import { decidePartArrived, decideWorkBack, decideWorkSent } from './cards/partsDecide';
import { decideBoltsCounted, decideMarkMade } from './cards/markDecide';
import {
  decideBolt,
  decideCapTurned,
  decideContest,
  decideLetBack,
  decideRunMarked,
  decideRunPrepared,
  decideTakenOut,
} from './run/runDecide';
import { decideReported } from './run/reported';
import { decideStageSet } from './run/stageSet';
import {
  decideAdjusterRead,
  decideBarringChosen,
  decideBridgeSeen,
  decideCoverOn,
  decideCrankStood,
  decideGapsTurned,
  decidePushRodSeen,
  decideInjectorCoded,
  decideScrewSet,
  decideShimRead,
  decideShimsChosen,
  decideValveRead,
} from './cards/valvesDecide';
import { refusedByCrank, refusedHold } from './crankHeld';
import { decideDifference, decideLayer } from './decideLayers';
import { decideScope } from './decideScope';
import { fold } from './evolve';
import { MOST_PHOTOGRAPHS } from './photographs';
import { ACCEPTED, refused, type RefusalCode, type Verdict } from './refusal';
import { mayAct, type Role } from './roles';
import { decideTopFound } from './top';
import { decideTimingPinOut } from './cards/timingDecide';
import { CARDS_NOW, type JobSheet } from './scope';
import { groundsOf, restsOn } from './grounds';
import { isDecision, NATURE } from './nature';
import { unseenBy, waitingDecisions, type Pending } from './pending';
import { headSeq, type JobState } from './state';
import { cardOf } from './cardOf';
import { entryOf, INTAKE, trayOf, type TrayCard } from './tray';
import { openQuestions } from '../sheet/variants';
import { sheetOfJob } from './sheetOfJob';

/** What a decision may look at besides the log: the clock, the pinned sheet, and who is acting. */
export interface DecideContext {
  readonly now: string;
  readonly sheet: JobSheet;
  readonly member: {
    readonly id: string;
    readonly role: Role;
    /** Proved the PIN a short while ago, online. */
    readonly fresh: boolean;
  };
  /** An act before it, of the same sending, was refused: its sender could not know. */
  readonly behindRefused?: boolean;
}

/**
 * May this act join the log, and what does the log say of it besides?
 *
 * Where its sender had not seen the log as it stands, that depends on its nature. A fact was done: when
 * the log as it stands would refuse it, it is held against the log as the sender had seen it. Accepted
 * there, it is kept, and the fold shows what it contradicts. A decision is held against the log as it
 * stands: where that refuses it, or holds facts it did not know of, it is kept without effect until
 * someone confirms it. An opening happens once.
 */
export function decide(state: JobState, act: Act, context: DecideContext): Verdict {
  const verdict = decideOn(state, act, context);
  switch (NATURE[act.type]) {
    case 'opening':
      return verdict;
    case 'decision':
      return decideDecision(verdict, state, act, context);
    case 'fact':
      return decideFact(verdict, state, act, context);
  }
}

function decideDecision(
  verdict: Verdict,
  state: JobState,
  act: Act,
  context: DecideContext,
): Verdict {
  const sheet = sheetOfJob(context.sheet, state);
  const known = (fact: LoggedAct): boolean => act.restedOn?.includes(fact.id) ?? wasSeen(fact, act);
  const unseen = groundsOf(state, act, sheet).filter((fact) => !known(fact));
  const ids = unseen.map(({ id }) => id);
  if (verdict.ok) return ids.length === 0 ? verdict : stamped({ pending: unseenBy(ids) });
  if (!madeUnaware(state, act)) return verdict;
  // Someone else has decided the same already: kept, and there is nothing left to confirm.
  if (MOOT.has(verdict.refusal.code)) return ACCEPTED;
  const asSeen = decideOn(asSeenBy(state, act), act, context);
  return asSeen.ok ? stamped({ pending: { why: verdict.refusal, unseen: ids } }) : asSeen;
}

const MOOT: ReadonlySet<RefusalCode> = new Set<RefusalCode>(['already-struck', 'not-parked']);

function decideFact(verdict: Verdict, state: JobState, act: Act, context: DecideContext): Verdict {
  const unaware = madeUnaware(state, act);
  const reopens = unaware ? reopenedBy(state, act, context) : [];
  const also = reopens.length > 0 && { reopens };
  if (verdict.ok) return stamped({ ...also });
  const asSeen = unaware ? decideOn(asSeenBy(state, act), act, context) : verdict;
  if (asSeen.ok) {
    const ground = groundLost(state, act);
    return stamped({ ...also, ...(ground.length > 0 && { ground }) });
  }
  if (!context.behindRefused) return asSeen;
  const itself = decideOn(state, act, context, 'whatever bars it');
  return itself.ok || ONLY_WHEN.has(itself.refusal.code)
    ? stamped({ ...also, behindRefused: true })
    : asSeen;
}

function stamped(stamp: Stamp): Verdict {
  return Object.keys(stamp).length === 0 ? ACCEPTED : { ok: true, stamp };
}

/** Decisions that the sender took for standing, and that wait by now. */
function groundLost(state: JobState, fact: Act): readonly string[] {
  const unknown = new Set(state.log.filter((event) => !wasSeen(event, fact)).map(({ id }) => id));
  return waitingDecisions(state)
    .filter(({ act: decision, unseen }) =>
      decision.pending
        ? !wasSeenWaiting(decision, fact)
        : wasSeen(decision, fact) && unseen.some((id) => unknown.has(id)),
    )
    .map(({ act }) => act.id);
}

/** Decisions that stand, and that neither their maker nor this fact's sender held against the other. */
function reopenedBy(state: JobState, fact: Act, context: DecideContext): readonly string[] {
  const sheet = sheetOfJob(context.sheet, state);
  return state.log
    .filter(
      (event) =>
        !wasSeen(event, fact) &&
        isDecision(event) &&
        !state.struck[event.id] &&
        hasEffect(state.pending[event.id]) &&
        restsOn(event, fact, sheet),
    )
    .map(({ id }) => id);
}

/** A decision that never waited, or was confirmed. */
function hasEffect(pending: Pending | undefined): boolean {
  return pending === undefined || pending.decided?.holds === true;
}

/** Refused because something else comes first, not because what it names is not there. */
const ONLY_WHEN: ReadonlySet<RefusalCode> = new Set<RefusalCode>([
  'card-barred',
  'decision-pending',
  'scope-first',
  'job-parked',
  'crank-held',
  'not-loose-yet',
  'parts-missing',
  'differences-open',
  'run-not-prepared',
  'stage-not-current',
  'pass-taken',
  'turn-first',
  'no-turn-due',
  'caution-first',
  'crank-unknown',
  'not-settable-here',
  'look-first',
  'crank-again',
  'step-first',
  'things-in',
  'head-not-on',
  'heat-first',
  'cover-waits',
  'cover-first',
  'top-first',
  'tensioner-waits',
  'run-not-done',
]);

function madeUnaware(state: JobState, act: Act): boolean {
  return (
    headSeq(state) > act.seenSeq &&
    state.log.some((event) => !wasSeen(event, act) || !wasSeenWaiting(event, act))
  );
}

/** A device has seen what it was sent, and whatever it did itself. */
function wasSeen(event: LoggedAct, act: Act): boolean {
  return event.seq <= act.seenSeq || event.device === act.device;
}

/** Did the sender know that a decision waits? Of its own it hears only with the log. */
function wasSeenWaiting(event: LoggedAct, act: Act): boolean {
  return event.pending === undefined || event.seq <= act.seenSeq || event.device !== act.device;
}

/** The log as the sender had seen it: what it decided itself had its effect there. */
function asSeenBy(state: JobState, act: Act): JobState {
  const seen = state.log.filter((event) => wasSeen(event, act));
  return fold(seen.map((event) => (wasSeenWaiting(event, act) ? event : asMade(event))));
}

function asMade({ pending: _, ...event }: LoggedAct): LoggedAct {
  return event as LoggedAct;
}

function decideOn(
  state: JobState,
  act: Act,
  pinned: DecideContext,
  barred: 'unless barred' | 'whatever bars it' = 'unless barred',
): Verdict {
  const context = { ...pinned, sheet: sheetOfJob(pinned.sheet, state) };
  if (!mayAct(context.member.role, act.type)) return refused('role-may-not', { type: act.type });
  if (act.type === 'job.opened') return decideOpened(state, act, pinned);
  if (!state.opened) return refused('not-open');
  const heedsBars = barred === 'unless barred';
  if (heedsBars && state.parked && act.type !== 'job.resumed' && act.type !== 'struck') {
    return refused('job-parked');
  }
  const card = cardOf(act, context.sheet);
  if (card && heedsBars) {
    if (!state.scope && INTAKE.includes(card.card)) return refused('scope-first');
    const entry = entryOf(trayOf(pinned.sheet, state, act.at), card);
    if (entry?.status === 'barred') return refusedBy(entry);
  }
  switch (act.type) {
    case 'sheet.taken': {
      const pinned = state.opened.sheet;
      const { id, revision } = act.data.sheet;
      if (id !== pinned.id) return refused('wrong-sheet');
      return revision > pinned.revision ? ACCEPTED : refused('not-newer', { revision });
    }
    case 'variant.changed': {
      const question = context.sheet.variants?.find((q) => q.id === act.data.question);
      return question?.options.some((option) => option.id === act.data.option)
        ? ACCEPTED
        : refused('unknown-variant', { question: question?.ask ?? act.data.question });
    }
    case 'scope.widened':
      return decideScope(state.scope, act.data.scope, pinned.sheet);
    case 'card.left-out':
      return state.scope ? ACCEPTED : refused('scope-first');
    case 'job.parked':
      return ACCEPTED;
    case 'job.resumed':
      return state.parked ? ACCEPTED : refused('not-parked');
    case 'check.read':
      return decideCheckRead(state, act, context);
    case 'check.seen':
      return decideCheckSeen(state, act, context);
    case 'check.decided':
      return decideCheckDecided(state, act, context);
    case 'mark.made':
      return decideMarkMade(act, context);
    case 'bolts.counted':
      return decideBoltsCounted(act, context);
    case 'thing.taken-out': {
      const thing = state.register.find(({ id }) => id === act.data.thing);
      if (!thing) return refused('unknown-thing');
      return thing.takenOut
        ? refused('already-out', { what: thing.what })
        : decideTimingPinOut(state, act, context);
    }
    case 'part.arrived':
      return decidePartArrived(state, act, context);
    case 'work.sent':
      return decideWorkSent(state, act);
    case 'work.back':
      return decideWorkBack(state, act);
    case 'leaflet.entered':
    case 'deviation.entered':
      return decideLayer(state, act, pinned);
    case 'difference.decided':
      return decideDifference(state, act, pinned);
    case 'liner.read':
      return decideLinerRead(act, context);
    case 'liners.accepted':
      return decideLinersAccepted(state.liners, act, context);
    case 'liners.placed':
      return decideLinersPlaced(act, context);
    case 'liner.sealed':
      return decideLinerSealed(act, context);
    case 'cap.turned':
      return decideCapTurned(state, act, context);
    case 'piece.weighed':
      return decidePieceWeighed(act, context);
    case 'gasket.chosen':
      return decideGasket(state, act, context);
    case 'cards.taken':
      return act.data.cards > state.cards && act.data.cards <= CARDS_NOW
        ? ACCEPTED
        : refused('cards-taken');
    case 'bolt.taken-out':
      return decideTakenOut(state.runs, act, context);
    case 'run.marked':
      return decideRunMarked(state.runs, act, context);
    case 'wrench.let-back':
      return decideLetBack(state.runs, act, context);
    case 'run.prepared':
      return decideRunPrepared(state, act, context);
    case 'bolt.pulled':
    case 'bolt.turned':
    case 'bolt.eased':
    case 'stud.tensioned':
    case 'step.done':
    case 'bolt.failed':
      return decideBolt(state, act, context);
    case 'bolts.reported':
      return decideReported(state, act, context);
    case 'stage.set':
      return decideStageSet(state.runs, act, context);
    case 'contest.decided':
      return decideContest(state.runs, act, context);
    case 'crank.stood':
      return (
        refusedByCrank(context.sheet, state) ??
        (state.cautions.barring ? decideCrankStood(state, act, context) : refused('caution-first'))
      );
    case 'top.found':
      return decideTopFound(state, act, context);
    case 'crank.marked':
      return state.top.found ? ACCEPTED : refused('top-first');
    case 'valve.read':
      return decideValveRead(state, act, context);
    case 'gaps.turned':
      return decideGapsTurned(state, act, context);
    case 'screw.set':
      return decideScrewSet(state, act, context);
    case 'push-rod.seen':
      return decidePushRodSeen(state, act, context);
    case 'bridge.seen':
      return decideBridgeSeen(state, act, context);
    case 'barring.chosen':
      return decideBarringChosen(act, context);
    case 'shim.read':
      return decideShimRead(act, context);
    case 'shims.chosen':
      return decideShimsChosen(state, act, context);
    case 'cover.on':
      return decideCoverOn(state, act, context);
    case 'adjuster.read':
      return decideAdjusterRead(act, context);
    case 'injector.coded':
      return decideInjectorCoded(state, act, context);
    case 'struck':
      return decideStruck(state, act);
    case 'pending.decided':
      return decidePending(state, act, pinned);
    case 'photograph.taken':
      return state.photographs.length < MOST_PHOTOGRAPHS
        ? ACCEPTED
        : refused('too-many-photographs', { most: MOST_PHOTOGRAPHS });
    case 'cause.answered':
    case 'thing.put-in':
    case 'caution.acknowledged':
    case 'crank.doubted':
    case 'crank.overshot':
    case 'recheck.begun':
    case 'heat.reached':
      return ACCEPTED;
  }
}

function refusedBy({ card, reason }: TrayCard): Verdict {
  switch (reason.code) {
    case 'sheet-lacks':
    case 'differences-open':
    case 'parts-missing':
    case 'decision-pending':
      return refused(reason.code);
    case 'crank-held':
      return refusedHold(reason.by);
    default:
      return refused('card-barred', { card });
  }
}

function decideOpened(
  state: JobState,
  act: ActOf<'job.opened'>,
  { sheet }: DecideContext,
): Verdict {
  if (state.opened) return refused('already-open');
  if (act.data.sheet.id !== sheet.id || act.data.sheet.revision !== sheet.revision) {
    return refused('wrong-sheet');
  }
  const { variant = {}, scope } = act.data;
  const [question] = openQuestions(sheet, variant);
  if (question) return refused('unknown-variant', { question: question.ask });
  if (act.data.cylinder1End !== sheet.cylinder1End) {
    return refused('wrong-end', { end: sheet.cylinder1End });
  }
  return scope ? decideScope(null, scope, sheet) : ACCEPTED;
}

/**
 * Whoever could decide it says whether it holds: confirmed, it must be right as all stands by now. What
 * someone else has said already is kept and changes nothing.
 */
function decidePending(
  state: JobState,
  { data, seenSeq, ...act }: ActOf<'pending.decided'>,
  context: DecideContext,
): Verdict {
  const waiting = state.pending[data.decision];
  if (!waiting) return refused('unknown-target');
  if (waiting.decided) return ACCEPTED;
  const { member } = context;
  const { type } = waiting.act;
  if (!mayAct(member.role, type)) return refused('role-may-not', { type });
  if (!data.holds) return ACCEPTED;
  const { [data.decision]: _, ...pending } = state.pending;
  return decideOn({ ...state, pending }, { ...waiting.act, by: act.by, seenSeq }, context);
}

/** One's own last act may be undone without a word; any other correction needs a reason. */
function decideStruck(state: JobState, act: ActOf<'struck'>): Verdict {
  const target = state.log.find((event) => event.id === act.data.target);
  if (!target) return refused('unknown-target');
  if (state.struck[target.id]) return refused('already-struck');
  if (target.type === 'struck' || target.type === 'job.opened' || target.type === 'sheet.taken')
    return refused('not-strikable');
  if (lastActOf(state, act.by)?.id === target.id || act.data.words) return ACCEPTED;
  return refused('words-needed');
}

/** The last act of a member that still stands and can be undone. */
export function lastActOf(state: JobState, member: string): LoggedAct | undefined {
  return state.log.findLast(
    (event) =>
      event.by === member &&
      event.type !== 'struck' &&
      event.type !== 'job.opened' &&
      event.type !== 'sheet.taken' &&
      !state.struck[event.id],
  );
}
