import type { ActType, LoggedAct } from './act';
import { EMPTY_STATE } from './emptyJob';
import type { Strike } from './facts/struck';
import type { Checkpoint, Job } from './job';
import { evolveSlice, type Moving } from './kit/evolveSlice';
import { JobLog } from './log';
import { unseenBy } from './pending';
import { RULES } from './rules';
import { SLICES } from './slices/index';
import type { JobSlices, JobState } from './state';

/** After so many acts it is kept how the job stood. */
const CHECKPOINT_EVERY = 256;

/**
 * A job by its whole log. Struck acts are skipped, which reopens whatever they had closed; so are
 * decisions that wait for someone to confirm them.
 */
export function fold(log: readonly LoggedAct[]): Job {
  return refolded(JobLog.of(log), []);
}

/** A job after one more act. What reaches back in the log has it folded again from there. */
export function evolve(job: Job, act: LoggedAct): Job {
  const log = job.log.with(act);
  const place = reachesBackTo(log, act);
  if (place !== null) return refolded(log, checkpointsUpTo(job, place));
  const state = take({ log, state: job.state, reopened: {} }, act);
  return { log, state, checkpoints: withCheckpoint(job.checkpoints, log.length, state) };
}

/** A job after several more acts: folded again once, however many of them reach back. */
export function evolveAll(job: Job, acts: readonly LoggedAct[]): Job {
  if (acts.length === 0) return job;
  const log = acts.reduce((before, act) => before.with(act), job.log);
  const places = acts.flatMap((act) => reachesBackTo(log, act) ?? []);
  const now = { length: job.log.length, state: job.state };
  const stands = Math.min(now.length, ...places);
  const checkpoints = checkpointsUpTo(job, stands);
  return stands < now.length ? refolded(log, checkpoints) : refolded(log, checkpoints, now);
}

/** What was kept of how the job stood when it had no more acts than this. */
export function checkpointsUpTo({ checkpoints }: Job, most: number): readonly Checkpoint[] {
  return checkpoints.filter(({ length }) => length <= most);
}

/**
 * How many acts at the beginning of a log stand as they did before this one; null where that is all of
 * them.
 */
export function reachesBackTo(log: JobLog, act: LoggedAct): number | null {
  const ids = [...struckBy(log, act), ...(act.reopens ?? [])];
  if (ids.length === 0) return null;
  const places = ids.flatMap((id) =>
    // Without what is struck, a decision that it reopened was never reopened.
    [id, ...(log.byId(id)?.reopens ?? [])].map((item) => log.placeOf(item)),
  );
  return Math.max(0, Math.min(...places));
}

/** The act that is taken back, once this one is in the log. */
function struckBy(log: JobLog, act: LoggedAct): readonly string[] {
  if (act.type === 'struck') return [act.data.target];
  if (act.type !== 'pending.decided' || !act.data.holds) return [];
  const decision = log.byId(act.data.decision);
  return decision?.type === 'struck' ? [decision.data.target] : [];
}

/**
 * A job by its log, from the last of its checkpoints on.
 * @param from where it stood later than that, as one that is not kept
 */
export function refolded(
  log: JobLog,
  checkpoints: readonly Checkpoint[],
  from: Checkpoint = checkpoints.at(-1) ?? START,
): Job {
  const struck = strikesIn(log.acts);
  const reopened = reopenedIn(log.acts, struck);
  let state: JobState = { ...from.state, struck };
  let stored = checkpoints;
  log.from(from.length).forEach((act, place) => {
    if (!struck[act.id]) state = take({ log, state, reopened }, act);
    stored = withCheckpoint(stored, from.length + place + 1, state);
  });
  return { log, state, checkpoints: stored };
}

const START: Checkpoint = { length: 0, state: EMPTY_STATE };

function withCheckpoint(
  checkpoints: readonly Checkpoint[],
  length: number,
  state: JobState,
): readonly Checkpoint[] {
  return length % CHECKPOINT_EVERY === 0 ? [...checkpoints, { length, state }] : checkpoints;
}

/** A log as it is folded, with what was found in it for that. */
interface Folding {
  readonly log: JobLog;
  readonly state: JobState;
  readonly reopened: Reopened;
}

/** One act that was not struck: it has its effect, or waits for someone to confirm it. */
function take({ log, state, reopened }: Folding, act: LoggedAct): JobState {
  const late = reopened[act.id];
  const waits = act.pending ?? (late ? unseenBy(late.map(({ id }) => id)) : null);
  if (waits) {
    const target = act.type === 'struck' ? log.byId(act.data.target) : undefined;
    const pending = { act, ...waits, decided: null, ...(target && { target }) };
    return { ...state, pending: { ...state.pending, [act.id]: pending } };
  }
  if (act.type !== 'pending.decided') return step(state, act);
  const waiting = state.pending[act.data.decision];
  if (!waiting || waiting.decided) return state;
  // What came to light after it was confirmed was not known to whoever confirmed it either.
  if (reopened[waiting.act.id]?.some(({ seq }) => seq > act.seq)) return state;
  const decided = { holds: act.data.holds, by: act.by, at: act.at };
  const pending = { ...state.pending, [waiting.act.id]: { ...waiting, decided } };
  const after = { ...state, pending };
  return decided.holds ? step(after, waiting.act) : after;
}

/** Decisions that facts which came later had not known of, with those facts. */
function reopenedIn(log: readonly LoggedAct[], struck: Strikes): Reopened {
  const reopened: Record<string, LoggedAct[]> = {};
  for (const fact of log) {
    if (!fact.reopens || struck[fact.id]) continue;
    for (const decision of fact.reopens) (reopened[decision] ??= []).push(fact);
  }
  return reopened;
}

type Strikes = Readonly<Record<string, Strike>>;

type Reopened = Readonly<Record<string, readonly LoggedAct[]>>;

/** The effect of one act on every slice it moves; the same object where it moves none. */
function step(state: JobState, act: LoggedAct): JobState {
  return MOVED_BY[act.type].reduce((after, slice) => moved(after, slice, act), state);
}

function moved<Name extends keyof JobSlices>(
  state: JobState,
  slice: Moving<Name>,
  act: LoggedAct,
): JobState {
  const before = state[slice.name];
  const after = evolveSlice(slice, before, act);
  return after === before ? state : { ...state, [slice.name]: after };
}

/** The slices each kind of act moves. */
const MOVED_BY = Object.fromEntries(
  Object.keys(RULES).map((type) => [
    type,
    Object.values(SLICES).filter(({ evolve: moves }) => type in moves),
  ]),
) as unknown as Readonly<Record<ActType, readonly Moving<keyof JobSlices>[]>>;

/**
 * Strikes count from the first; a second strike of the same act, made unaware, changes nothing. One
 * that waits counts once it is confirmed.
 */
function strikesIn(log: readonly LoggedAct[]): Strikes {
  const confirmed = new Set<string>();
  for (const act of log) {
    if (act.type === 'pending.decided' && act.data.holds) confirmed.add(act.data.decision);
  }
  const struck: Record<string, Strike> = {};
  for (const act of log) {
    if (act.type !== 'struck' || struck[act.data.target]) continue;
    if (act.pending && !confirmed.has(act.id)) continue;
    const { target, words } = act.data;
    struck[target] = { by: act.by, at: act.at, actId: act.id, ...(words && { words }) };
  }
  return struck;
}
