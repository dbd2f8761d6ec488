import type { BoltView, RunView } from './views';
import { ACCEPTED, refused, type Verdict } from '../verdict';
import type { ActOf } from '../act';
import type { DecideContext } from '../decideContext';
import type { JobState } from '../state';
import { decideBolt } from './runDecide';
import { runEvolve } from './runState';
import { readKey } from './runKey';

/**
 * The bolts of the stage in hand that may have been pulled before anybody could tap, in their order:
 * those still open, of a stage pulled by torque. An angle is never said afterwards, nor what two pull
 * together.
 */
export function reportable({ current }: Pick<RunView, 'current'>): readonly BoltView[] {
  return (current?.bolts ?? []).filter(
    ({ act, status }) =>
      status === 'open' && (act.kind === 'torque' || act.kind === 'check') && !act.together,
  );
}

/** Said afterwards, each pull is held against the rules as if it had been said when it was made. */
export function decideReported(
  job: JobState,
  act: ActOf<'bolts.reported'>,
  context: DecideContext,
): Verdict {
  const { pulls, wrench } = act.data;
  const stages = new Set(pulls.map(({ key }) => readKey(key).stage));
  if (stages.size !== 1) return refused('unknown-fastener');
  let before = job;
  for (const pull of pulls) {
    const one: ActOf<'bolt.pulled'> = { ...act, type: 'bolt.pulled', data: { ...pull, wrench } };
    const verdict = decideBolt(before, one, context);
    if (!verdict.ok) return verdict;
    const logged = { ...one, seq: 0, receivedAt: null };
    before = { ...before, runs: runEvolve['bolt.pulled'](before.runs, logged) };
  }
  return ACCEPTED;
}
