import type { Pending } from './pendingState';
import { ACCEPTED, type Verdict } from './verdict';
import type { Act, LoggedAct, Stamp } from './act';
import { decideAware } from './decideAware';
import type { DecideInput } from './decideContext';
import { groundsOf, isDecision, restsOn } from './grounds';
import { unseenBy, waitingDecisions } from './pending';
import type { RefusalCode } from './refusal';
import { IS_ONLY_WHEN } from './refusalKinds';
import { ruleOf } from './rules';
import { asSeenBy, wasSeen, wasSeenWaiting } from './seen';
import { sheetOfJob } from './sheetOfJob';
import type { Job } from './job';

/**
 * May this act join the log, and what does the log say of it besides?
 *
 * Where its sender had not seen the log as it stands, that depends on its nature. A fact was done: when
 * the log as it stands would refuse it, it is held against the log as the sender had seen it. Accepted
 * there, it is kept, and the fold shows what it contradicts. A decision is held against the log as it
 * stands: where that refuses it, or holds facts it did not know of, it is kept without effect until
 * someone confirms it. An opening happens once.
 */
export function decide(job: Job, act: Act, context: DecideInput): Verdict {
  const verdict = decideAware(job, act, context);
  switch (ruleOf(act).nature) {
    case 'opening':
      return verdict;
    case 'decision':
      return decideDecision(verdict, job, act, context);
    case 'fact':
      return decideFact(verdict, job, act, context);
  }
}

function decideDecision(verdict: Verdict, job: Job, act: Act, context: DecideInput): Verdict {
  const sheet = sheetOfJob(context.sheet, job.state);
  const known = (fact: LoggedAct): boolean => act.restedOn?.includes(fact.id) ?? wasSeen(fact, act);
  const unseen = groundsOf(job, act, sheet).filter((fact) => !known(fact));
  const ids = unseen.map(({ id }) => id);
  if (verdict.ok) return ids.length === 0 ? verdict : stamped({ pending: unseenBy(ids) });
  if (!madeUnaware(job, act)) return verdict;
  // Someone else has decided the same already: kept, and there is nothing left to confirm.
  if (MOOT.has(verdict.refusal.code)) return ACCEPTED;
  const asSeen = decideAware(asSeenBy(job, act), act, context);
  return asSeen.ok ? stamped({ pending: { why: verdict.refusal, unseen: ids } }) : asSeen;
}

const MOOT: ReadonlySet<RefusalCode> = new Set<RefusalCode>(['already-struck', 'not-parked']);

function decideFact(verdict: Verdict, job: Job, act: Act, context: DecideInput): Verdict {
  const unaware = madeUnaware(job, act);
  const reopens = unaware ? reopenedBy(job, act, context) : [];
  const also = reopens.length > 0 && { reopens };
  if (verdict.ok) return stamped({ ...also });
  const asSeen = unaware ? decideAware(asSeenBy(job, act), act, context) : verdict;
  if (asSeen.ok) {
    const ground = groundLost(job, act);
    return stamped({ ...also, ...(ground.length > 0 && { ground }) });
  }
  if (!context.behindRefused) return asSeen;
  const itself = decideAware(job, act, context, 'whatever bars it');
  return itself.ok || IS_ONLY_WHEN[itself.refusal.code]
    ? stamped({ ...also, behindRefused: true })
    : asSeen;
}

function stamped(stamp: Stamp): Verdict {
  return Object.keys(stamp).length === 0 ? ACCEPTED : { ok: true, stamp };
}

/** Decisions that the sender took for standing, and that wait by now. */
function groundLost({ log, state }: Job, fact: Act): readonly string[] {
  const later = log.after(fact.seenSeq).filter((event) => !wasSeen(event, fact));
  const unknown = new Set(later.map(({ id }) => id));
  return waitingDecisions(state)
    .filter(({ act: decision, unseen }) =>
      decision.pending
        ? !wasSeenWaiting(decision, fact)
        : wasSeen(decision, fact) && unseen.some((id) => unknown.has(id)),
    )
    .map(({ act }) => act.id);
}

/** Decisions that stand, and that neither their maker nor this fact's sender held against the other. */
function reopenedBy({ log, state }: Job, fact: Act, context: DecideInput): readonly string[] {
  const sheet = sheetOfJob(context.sheet, state);
  return log
    .after(fact.seenSeq)
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

function madeUnaware({ log }: Job, act: Act): boolean {
  return log
    .after(act.seenSeq)
    .some((event) => !wasSeen(event, act) || !wasSeenWaiting(event, act));
}
