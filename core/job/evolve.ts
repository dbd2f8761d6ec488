import type { ActType, LoggedAct } from './act';
import { EMPTY_JOB } from './emptyJob';
import type { Strike } from './facts/struck';
import { evolveSlice, type Moving } from './kit/evolveSlice';
import { unseenBy } from './pending';
import { RULES } from './rules';
import { SLICES } from './slices/index';
import type { JobSlices, JobState } from './state';

/**
 * The state of a job after its whole log. Struck acts are skipped, which reopens whatever they
 * had closed; so are decisions that wait for someone to confirm them.
 */
export function fold(log: readonly LoggedAct[]): JobState {
  const struck = strikesIn(log);
  const standing = log.filter(({ id }) => !struck[id]);
  const reopened = reopenedIn(standing);
  const state = standing.reduce((before, act) => take(before, act, reopened), EMPTY_JOB);
  return { ...state, struck, log };
}

/** The state after one more act. What reaches back in the log has it folded again. */
export function evolve(state: JobState, act: LoggedAct): JobState {
  const log = [...state.log, act];
  return reachesBack(state, act) ? fold(log) : { ...take(state, act), log };
}

function reachesBack({ pending }: JobState, act: LoggedAct): boolean {
  if (act.type === 'pending.decided') {
    return act.data.holds && pending[act.data.decision]?.act.type === 'struck';
  }
  return act.type === 'struck' || act.reopens !== undefined;
}

/** One act that was not struck: it has its effect, or waits for someone to confirm it. */
function take(state: JobState, act: LoggedAct, reopened: Reopened = {}): JobState {
  const late = reopened[act.id];
  const waits = act.pending ?? (late ? unseenBy(late.map(({ id }) => id)) : null);
  if (waits) {
    return { ...state, pending: { ...state.pending, [act.id]: { act, ...waits, decided: null } } };
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
function reopenedIn(log: readonly LoggedAct[]): Reopened {
  const reopened: Record<string, LoggedAct[]> = {};
  for (const fact of log) {
    for (const decision of fact.reopens ?? []) (reopened[decision] ??= []).push(fact);
  }
  return reopened;
}

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
function strikesIn(log: readonly LoggedAct[]): Readonly<Record<string, Strike>> {
  const confirmed = new Set(
    log.flatMap((act) =>
      act.type === 'pending.decided' && act.data.holds ? [act.data.decision] : [],
    ),
  );
  const struck: Record<string, Strike> = {};
  for (const act of log) {
    if (act.type !== 'struck' || struck[act.data.target]) continue;
    if (act.pending && !confirmed.has(act.id)) continue;
    const { target, words } = act.data;
    struck[target] = { by: act.by, at: act.at, actId: act.id, ...(words && { words }) };
  }
  return struck;
}
