import type { LoggedAct } from './act';
import { evolveLiners } from './cards/liners';
import { evolveGasket } from './cards/standOut';
import { evolveRuns } from './run/runState';
import { evolveCrank, evolveValves } from './cards/valvesState';
import { evolveMarks } from './cards/mark';
import { evolveParts } from './cards/parts';
import { evolveHeat } from './afterHeat';
import { evolveChecks } from './checks/state';
import { evolveLayers } from './layers';
import { evolveParking } from './parking';
import { evolvePhotographs } from './photographs';
import { evolveRegister } from './register';
import { evolveTop } from './top';
import { EMPTY_JOB, type JobState, type Strike } from './state';

/**
 * The state of a job after its whole log. Struck acts are skipped, which reopens whatever they
 * had closed.
 */
export function fold(log: readonly LoggedAct[]): JobState {
  const struck = strikesIn(log);
  let state: JobState = EMPTY_JOB;
  for (const act of log) {
    if (!struck[act.id]) state = step(state, act);
  }
  return { ...state, struck, log };
}

/** The state after one more act. A strike reaches back, so the log is folded again without it. */
export function evolve(state: JobState, act: LoggedAct): JobState {
  const log = [...state.log, act];
  if (act.type === 'struck') return fold(log);
  return { ...step(state, act), log };
}

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

/** Strikes count from the first; a second strike of the same act, made unaware, changes nothing. */
function strikesIn(log: readonly LoggedAct[]): Readonly<Record<string, Strike>> {
  const struck: Record<string, Strike> = {};
  for (const act of log) {
    if (act.type !== 'struck' || struck[act.data.target]) continue;
    const { target, words } = act.data;
    struck[target] = { by: act.by, at: act.at, actId: act.id, ...(words && { words }) };
  }
  return struck;
}
