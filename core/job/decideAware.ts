import type { TrayCard } from './standing';
import { ACCEPTED, refused, type Verdict } from './verdict';
import type { Act, ActOf, LoggedAct } from './act';
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
import { readKey } from './run/runKey';
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
import { needsWords } from './cause';
import { refusedByCrank, refusedHold } from './crankHeld';
import { isDoubted } from './crib';
import type { DecideContext } from './decideContext';
import { decideDifference, decideLayer } from './decideLayers';
import { decideScope } from './decideScope';
import { MOST_PHOTOGRAPHS } from './photographs';
import { mayAct } from './roles';
import { decideTopFound } from './top';
import { decideTimingPinOut } from './cards/timingDecide';
import { CARDS_NOW } from './scope';
import type { JobState } from './state';
import { cardOf } from './cardOf';
import { entryOf, INTAKE, trayOf } from './tray';
import { openQuestions } from '../sheet/variants';
import { sheetOfJob } from './sheetOfJob';
import { isStrikable } from './strikable';

/**
 * May this act join the log as it stands, by whoever sees all of it?
 * @param barred whether what bars its card is heeded: it is not, where only the act itself is asked about
 */
export function decideAware(
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
    case 'crib.judged':
      return refused('role-may-not', { type: act.type });
    case 'contest.decided':
      return isDoubted(state, readKey(act.data.key).run)
        ? refused('crib-disagrees')
        : decideContest(state.runs, act, context);
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
      return act.data.words || !needsWords(act.data.because) ? ACCEPTED : refused('words-needed');
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
  const { variant = {}, scope, because, why } = act.data;
  if (!why && needsWords(because)) return refused('words-needed');
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
  return decideAware({ ...state, pending }, { ...waiting.act, by: act.by, seenSeq }, context);
}

/** One's own last act may be undone without a word; any other correction needs a reason. */
function decideStruck(state: JobState, act: ActOf<'struck'>): Verdict {
  const target = state.log.find((event) => event.id === act.data.target);
  if (!target) return refused('unknown-target');
  if (state.struck[target.id]) return refused('already-struck');
  if (!isStrikable(target)) return refused('not-strikable');
  if (lastActOf(state, act.by)?.id === target.id || act.data.words) return ACCEPTED;
  return refused('words-needed');
}

/** The last act of a member that still stands and can be undone. */
export function lastActOf(state: JobState, member: string): LoggedAct | undefined {
  return state.log.findLast(
    (event) => event.by === member && isStrikable(event) && !state.struck[event.id],
  );
}
