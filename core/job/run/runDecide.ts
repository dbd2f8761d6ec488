import type { RunView } from './views';
import type { RunName } from '../facts/run';
import { ACCEPTED, refused, type Verdict } from '../verdict';
import type { Prepared, RunsState } from '../facts/runs';
import { reaches } from '../../tightening/wrenchChoose';
import { inMillionths } from '../../quantity/withinLimits';
import type { TightenAct } from '../../tightening/tightenPlan';
import type { ActOf, RunActType } from '../act';
import { refusedLoosening } from '../cards/strip/rules';
import { refusedTurning } from '../mayTurn';
import type { DecideContext } from '../decideContext';
import { mayOverride } from '../roles';
import { STRIP } from '../slackening';
import type { JobSheet } from '../scope';
import type { JobState } from '../state';
import { groupOf, setOf } from '../../sheet/programmeOf';
import { bandOf, reachedVerdict } from './reached';
import { refusedClosing } from '../cards/bearings/rules';
import { afterHeatFrom, afterHeatOf } from '../cards/after-heat/programme';
import { rodNotIn } from '../cards/pistons/rodPull';
import { refusedInPlace } from '../cards/tighten/inPlace';
import { refusedByCovering } from '../cards/tighten/rules';
import { isInDate } from './inDate';
import { cardOfRun, readKey } from './runKey';
import { preparedWith } from './preparedFor';
import { numberOf, runDone, runView } from './runView';
import { wrenchSettingNm } from './wrenchSetting';

export function decideRunPrepared(
  state: JobState,
  act: ActOf<'run.prepared'>,
  { sheet, now, member }: DecideContext,
): Verdict {
  if (!runView(sheet, act.data.run, {}, now)) return refused('unknown-run');
  const cooling = stillCooling(sheet, act.data.run, state, act.at);
  if (cooling) return cooling;
  const early =
    cardOfRun(act.data.run) === 'tighten'
      ? (refusedInPlace(sheet, state, act.data.run) ??
        refusedByCovering(sheet, state, act.data.run, act.at))
      : null;
  const closing = early ?? refusedClosing(sheet, state, act.data.run, act.at);
  if (closing) return closing;
  const rod = rodNotIn(sheet, state, act.data.run);
  if (rod !== null) return refused('rod-not-in', { cylinder: rod });
  const { wrench, override } = act.data;
  if (!wrench) return ACCEPTED;
  const name = wrench.name;
  const doubtful = wrench.off
    ? refused('tool-off', { name })
    : sheet.calibratedTools && !isInDate(wrench, act.at.slice(0, 10))
      ? refused('tool-out-of-date', { name })
      : null;
  if (!doubtful) return ACCEPTED;
  if (override === undefined || !mayOverride(member.role)) return doubtful;
  return member.fresh ? ACCEPTED : refused('needs-fresh-proof');
}

/** What is pulled again after heat is pulled once it has been hot, and cooled as long as is printed. */
function stillCooling(
  sheet: JobSheet,
  name: RunName,
  { heat }: JobState,
  at: string,
): Verdict | null {
  if (cardOfRun(name) !== 'after-heat') return null;
  const set = setOf(sheet, name.set);
  const asked = set && afterHeatOf(set);
  if (!heat || !asked) return refused('heat-first');
  const until = afterHeatFrom(asked, heat);
  return Date.parse(until) > Date.parse(at) ? refused('still-cooling', { until }) : null;
}

/** The number printed beside a fastener of a run. */
function numberIn({ set }: RunView, id: string): string {
  return set.fasteners.find((fastener) => fastener.id === id)?.number ?? id;
}

/** The crank is turned after the cap that is due, and only when nothing holds it. */
export function decideCapTurned(
  job: JobState,
  { data, at }: ActOf<'cap.turned'>,
  { sheet }: DecideContext,
): Verdict {
  const view = runView(sheet, data.run, job.runs, at);
  if (!view) return refused('unknown-run');
  const { turn } = view;
  const isDue =
    turn?.stage === data.stage &&
    turn.fasteners.length === data.fasteners.length &&
    turn.fasteners.every((id) => data.fasteners.includes(id));
  if (!isDue) return refused('no-turn-due');
  return refusedTurning(sheet, job, 'of-the-programme') ?? ACCEPTED;
}

export function decideLetBack(
  state: RunsState,
  act: ActOf<'wrench.let-back'>,
  { sheet }: DecideContext,
): Verdict {
  const view = runView(sheet, act.data.run, state, act.at);
  if (!view) return refused('unknown-run');
  if (!view.run.prepared[act.data.side ?? 'both']) return refused('run-not-prepared');
  return runDone(view) ? ACCEPTED : refused('run-not-done');
}

export function decideBolt(
  job: JobState,
  act: { [T in RunActType]: ActOf<T> }[RunActType],
  { sheet }: DecideContext,
): Verdict {
  const { key, pass } = act.data;
  const { run: name, stage: stageId } = readKey(key);
  const state = job.runs;
  // The act's own time, not the server's: what waited in an outbox was not a pause at the engine.
  const view = runView(sheet, name, state, act.at);
  if (!view) return refused('unknown-run');
  const stage = view.stages.find((s) => s.key === stageId);
  const bolt = stage?.bolts.find((b) => b.act.key === key);
  if (!stage || !bolt) return refused('unknown-fastener');
  // Nothing is set or treated before bolts are eased; jacks are as dangerous as ever.
  const slackens = name.programme === STRIP;
  const side = 'side' in act.data ? act.data.side : undefined;
  const wrench = act.type === 'bolt.pulled' ? act.data.wrench : undefined;
  const prepared = preparedWith(view.run, side ?? bolt.act.from, wrench);
  if (!prepared && !slackens) return refused('run-not-prepared');
  if (slackens && act.type === 'stud.tensioned' && !job.cautions.hydraulics) {
    return refused('caution-first');
  }
  const held = slackens ? refusedLoosening(sheet, job, name) : null;
  if (held) return held;
  if (view.turn)
    return refused('turn-first', {
      bolts: view.turn.fasteners.map((id) => numberIn(view, id)),
    });
  if ((bolt.act.together === true) !== (side !== undefined) && act.type !== 'bolt.failed') {
    return refused('which-end', { bolt: numberOf(view, bolt) });
  }
  const taken = bolt.attempts.some(
    (attempt) => attempt.pass === pass && (attempt.side === side || attempt.fault !== undefined),
  );
  if (taken || bolt.status === 'contested')
    return refused('pass-taken', { bolt: numberOf(view, bolt) });
  // Nuts are compared once all of them are counted: the odd one reopens what was closed.
  const odd = act.type === 'bolt.failed' && act.data.fault === 'odd-travel';
  if (odd && bolt.status === 'done') {
    return pass === bolt.nextPass
      ? ACCEPTED
      : refused('pass-taken', { bolt: numberOf(view, bolt) });
  }
  if (stage !== view.current) return refused('stage-not-current', { bolt: numberOf(view, bolt) });
  if (pass !== bolt.nextPass || bolt.status === 'done') {
    return refused('pass-taken', { bolt: numberOf(view, bolt) });
  }
  if (act.type === 'step.done' && view.waitUntil !== null && act.data.words === undefined) {
    const leftMs = Date.parse(view.waitUntil) - Date.parse(act.at);
    if (leftMs > 0) return refused('still-to-wait', { minutes: Math.ceil(leftMs / 60_000) });
  }
  if (act.type === 'step.done' && bolt.act.kind === 'turn-crank') {
    const held = refusedTurning(sheet, job, 'of-the-programme');
    if (held) return held;
  }
  return decideFigures(act, bolt.act, prepared);
}

/** The act that says a pull of each kind was made. */
const DONE_BY: Readonly<Record<TightenAct['kind'], RunActType>> = {
  torque: 'bolt.pulled',
  check: 'bolt.pulled',
  angle: 'bolt.turned',
  slacken: 'bolt.eased',
  hydraulic: 'stud.tensioned',
  'hydraulic-check': 'stud.tensioned',
  wait: 'step.done',
  'turn-crank': 'step.done',
  'draw-down': 'step.done',
};

/** The act that says this pull was made. */
export function doneBy({ kind }: TightenAct): RunActType {
  return DONE_BY[kind];
}

/** The figures an act carries must be the ones the sheet and the wrench in hand give. */
function decideFigures(
  act: { [T in RunActType]: ActOf<T> }[RunActType],
  planned: TightenAct,
  prepared: Prepared | null,
): Verdict {
  if (act.type === 'bolt.failed') return ACCEPTED;
  if (act.type !== doneBy(planned)) return refused('not-this-way');
  switch (act.type) {
    case 'bolt.turned':
      return same(act.data.deg, planned.deg ?? 0)
        ? decideReached(planned, act.data.reachedDeg)
        : refused('angle-not-shown', { deg: planned.deg ?? 0 });
    case 'stud.tensioned':
      return same(act.data.bar, planned.bar ?? 0)
        ? decideReached(planned, act.data.reachedBar)
        : refused('pressure-not-shown', { bar: planned.bar ?? 0 });
    case 'bolt.eased':
    case 'step.done':
      return ACCEPTED;
    case 'bolt.pulled':
      return prepared ? decidePull(act, planned, prepared) : refused('run-not-prepared');
  }
}

function same(value: number, other: number): boolean {
  return inMillionths(value) === inMillionths(other);
}

function decidePull(
  { data }: ActOf<'bolt.pulled'>,
  planned: TightenAct,
  prepared: Prepared,
): Verdict {
  const { wrench } = prepared;
  if (!wrench) return refused('run-not-prepared');
  const nm = planned.nm ?? 0;
  const setNm = wrenchSettingNm(nm, prepared);
  if (!same(data.nm, nm) || !same(data.setNm, setNm) || data.wrench !== wrench.id) {
    return refused('figure-not-shown', { nm, setNm });
  }
  if (!reaches(wrench, setNm)) {
    const { lowNm, highNm } = wrench;
    return refused('wrench-out-of-range', { setNm, lowNm, highNm });
  }
  return decideReached(planned, data.reachedNm);
}

/** What a wrench or a gauge showed is what was asked, or it is said to be not so. */
function decideReached(planned: TightenAct, reached: number | undefined): Verdict {
  if (reached === undefined || reachedVerdict(planned, reached) === 'within') return ACCEPTED;
  const { low, high } = bandOf(planned) ?? { low: 0, high: 0 };
  const by = planned.bar !== undefined ? 'bar' : planned.kind === 'angle' ? 'deg' : 'nm';
  return refused('reached-outside', { by, reached, low, high });
}

/** One fastener comes out again; one that is spent only for a new one. */
export function decideTakenOut(
  state: RunsState,
  { data, at }: ActOf<'bolt.taken-out'>,
  { sheet }: DecideContext,
): Verdict {
  const view = runView(sheet, data.run, state, at);
  if (!view) return refused('unknown-run');
  const fastener = view.set.fasteners.find(({ id }) => id === data.fastener);
  const pulled = view.stages.some(({ bolts }) =>
    bolts.some(({ act, attempts }) => act.fastener === data.fastener && attempts.length > 0),
  );
  if (!fastener || !pulled) return refused('unknown-fastener');
  const group = groupOf(view.set, fastener);
  return group?.stretch === true && group.uses === 'one' && !data.renewed
    ? refused('stretch-spent', { bolt: fastener.number })
    : ACCEPTED;
}

export function decideRunMarked(
  state: RunsState,
  { data, at }: ActOf<'run.marked'>,
  { sheet }: DecideContext,
): Verdict {
  const view = runView(sheet, data.run, state, at);
  if (!view) return refused('unknown-run');
  return runDone(view) ? ACCEPTED : refused('run-not-done');
}

export function decideContest(
  state: RunsState,
  act: ActOf<'contest.decided'>,
  { sheet, now, member }: DecideContext,
): Verdict {
  const view = runView(sheet, readKey(act.data.key).run, state, now);
  const bolt = view?.stages.flatMap((s) => s.bolts).find((b) => b.act.key === act.data.key);
  if (bolt?.status !== 'contested') return refused('not-contested');
  return member.fresh ? ACCEPTED : refused('needs-fresh-proof');
}
