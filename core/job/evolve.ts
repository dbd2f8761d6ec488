import type { LoggedAct } from './act';
import { evolveLiners } from './cards/liners';
import { evolveGasket } from './cards/standOut';
import { evolveRuns } from './run/runState';
import { evolveCrank, evolveValves } from './cards/valvesState';
import { evolveMarks } from './cards/mark';
import { evolveParts } from './cards/parts';
import { evolveCrib } from './crib';
import { evolveHeat } from './afterHeat';
import { evolveChecks } from './checks/state';
import { evolveLayers } from './layers';
import { evolveParking } from './parking';
import { unseenBy } from './pending';
import { evolvePhotographs } from './photographs';
import { evolveRegister } from './register';
import { evolveTop } from './top';
import type { Strike } from './facts/struck';
import { EMPTY_JOB, type JobState } from './state';

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

function step(state: JobState, act: LoggedAct): JobState {
  if (act.type === 'job.opened') {
    const opened = { ...act.data, at: act.at, by: act.by };
    const { variant = {}, scope = null, cards = 1 } = act.data;
    return { ...state, opened, variant, scope, cards };
  }
  if (act.type === 'cards.taken') return { ...state, cards: act.data.cards };
  if (act.type === 'scope.widened') return { ...state, scope: act.data.scope };
  if (act.type === 'card.left-out') {
    const { card, words } = act.data;
    const leftOut = { words, at: act.at, by: act.by };
    return { ...state, leftOut: { ...state.leftOut, [card]: leftOut } };
  }
  if (act.type === 'cause.answered') {
    return { ...state, cause: { ...act.data, at: act.at, by: act.by } };
  }
  if (act.type === 'bolts.counted') {
    const { set, group, ...counted } = act.data;
    const oldBolts = { ...counted, at: act.at, by: act.by };
    return { ...state, oldBolts: { ...state.oldBolts, [`${set}/${group}`]: oldBolts } };
  }
  if (act.type === 'sheet.taken') {
    return { ...state, opened: state.opened && { ...state.opened, sheet: act.data.sheet } };
  }
  if (act.type === 'variant.changed') {
    return { ...state, variant: { ...state.variant, [act.data.question]: act.data.option } };
  }
  if (act.type === 'caution.acknowledged') {
    const { caution } = act.data;
    return { ...state, cautions: { ...state.cautions, [caution]: { by: act.by, at: act.at } } };
  }
  return {
    ...state,
    parked: evolveParking(state.parked, act),
    crib: evolveCrib(state.crib, act),
    checks: evolveChecks(state.checks, act),
    marks: evolveMarks(state.marks, act),
    register: evolveRegister(state.register, act),
    parts: evolveParts(state.parts, act),
    photographs: evolvePhotographs(state.photographs, act),
    layers: evolveLayers(state.layers, act),
    liners: evolveLiners(state.liners, act),
    gasket: evolveGasket(state.gasket, act),
    runs: evolveRuns(state.runs, act),
    heat: evolveHeat(state.heat, act),
    valves: evolveValves(state.valves, act),
    top: evolveTop(state.top, act),
    crank: evolveCrank(state.crank, act),
  };
}

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
