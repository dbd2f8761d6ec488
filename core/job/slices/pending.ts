import type { ActOf } from '../act';
import type { RuleContext } from '../decideContext';
import type { PendingActs } from '../facts/pending';
import type { ActsOnActs } from '../kit/slice';
import { ANY_HAND } from '../roles';
import type { JobState } from '../state';
import { ACCEPTED, refused, type Verdict } from '../verdict';

/** Saying whether a decision made without knowing all holds: the fold lets it have its effect. */
export const pendingActs: ActsOnActs<keyof PendingActs> = {
  acts: {
    'pending.decided': {
      nature: 'decision',
      // And whoever may make the decision itself.
      roles: ANY_HAND,
      card: () => null,
      restsOn: null,
      decide: decidePending,
    },
  },
};

/**
 * Whoever could decide it says whether it holds: confirmed, it must be right as all stands by now. What
 * someone else has said already is kept and changes nothing.
 */
function decidePending(
  state: JobState,
  { data, seenSeq, ...act }: ActOf<'pending.decided'>,
  { member, acts, log }: RuleContext,
): Verdict {
  const waiting = state.pending[data.decision];
  if (!waiting) return refused('unknown-target');
  if (waiting.decided) return ACCEPTED;
  const { type } = waiting.act;
  if (!acts.mayAct(member.role, type)) return refused('role-may-not', { act: type });
  if (!data.holds) return ACCEPTED;
  const { [data.decision]: _, ...pending } = state.pending;
  const job = { log, state: { ...state, pending }, checkpoints: [] };
  return acts.decide(job, { ...waiting.act, by: act.by, seenSeq });
}
