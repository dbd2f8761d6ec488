import type { Act, LoggedAct } from './act';
import type { CardPlace } from './kit/cardPlace';
import type { DecideInput, RuleContext } from './decideContext';
import { lastStrikable } from './lastAct';
import { isStrikable, mayAct, ruleOf } from './rules';
import { sheetOfJob } from './sheetOfJob';
import type { Job } from './job';
import { standingAt } from './standings';
import type { Wait } from './trayReason';
import { ACCEPTED, refused, type Verdict } from './verdict';

/**
 * May this act join the log as it stands, by whoever sees all of it?
 * @param barred whether what bars its card is heeded: it is not, where only the act itself is asked about
 */
export function decideAware(
  job: Job,
  act: Act,
  input: DecideInput,
  barred: 'unless barred' | 'whatever bars it' = 'unless barred',
): Verdict {
  const { state } = job;
  const rule = ruleOf(act);
  if (!rule.roles.includes(input.member.role)) return refused('role-may-not', { act: act.type });
  if (!state.opened && rule.nature !== 'opening') return refused('not-open');
  const heedsBars = barred === 'unless barred' && rule.nature !== 'opening';
  if (heedsBars && state.parked && !rule.whenParked) return refused('job-parked');
  const sheet = sheetOfJob(input.sheet, state);
  const card = heedsBars ? rule.card(act.data, sheet) : null;
  const standing = card && standingAt(input.sheet, state, act.at, card);
  if (card && standing?.status === 'barred') return refusedBy(card, standing.reason);
  return rule.decide?.(state, act, contextOf(input, sheet, job.log)) ?? ACCEPTED;
}

function contextOf(
  input: DecideInput,
  sheet: RuleContext['sheet'],
  log: RuleContext['log'],
): RuleContext {
  return {
    ...input,
    sheet,
    pinned: input.sheet,
    log,
    acts: {
      decide: (job, act) => decideAware(job, act, input),
      mayAct,
      isStrikable,
    },
  };
}

function refusedBy({ card }: CardPlace, reason: Wait): Verdict {
  switch (reason.code) {
    case 'sheet-lacks':
    case 'differences-open':
    case 'parts-missing':
    case 'decision-pending':
      return refused(reason.code);
    case 'crank-held':
      return refused('crank-held', { holds: reason.holds });
    case 'turn-over':
      return refused('turn-over-first', { to: reason.to });
    case 'clock':
      return refused('still-setting', { until: reason.until, what: reason.bars });
    case 'card-first':
    case 'way-shut':
    case 'temporary-parts-in':
      return refused('card-barred', { card });
  }
}

/** The last act of a member that still stands and can be undone. */
export function lastActOf(job: Pick<Job, 'log' | 'state'>, member: string): LoggedAct | undefined {
  return lastStrikable(job, member, isStrikable);
}
