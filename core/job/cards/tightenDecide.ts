import { atLeast, atMost, inMillionths } from '../../quantity/withinLimits';
import type { TightenAct } from '../../tightening/tightenPlan';
import type { ActOf, RunActType, WrenchShown } from '../act';
import { refusedByCrank } from '../crankHeld';
import type { DecideContext } from '../decide';
import { ACCEPTED, refused, type Verdict } from '../refusal';
import { mayOverride } from '../roles';
import { STRIP } from '../slackening';
import type { JobState } from '../state';
import {
  numberOf,
  readKey,
  runDone,
  runView,
  wrenchSettingNm,
  type RunState,
  type RunsState,
} from './tighten';

/** Has this wrench a check in date on a day? */
export function isInDate({ calibration }: WrenchShown, on: string): boolean {
  return calibration !== undefined && calibration.on <= on && on <= calibration.dueOn;
}

export function decideRunPrepared(
  act: ActOf<'run.prepared'>,
  { sheet, now, member }: DecideContext,
): Verdict {
  if (!runView(sheet, act.data.run, {}, now)) return refused('unknown-run');
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

export function decideLetBack(
  state: RunsState,
  act: ActOf<'wrench.let-back'>,
  { sheet }: DecideContext,
): Verdict {
  const view = runView(sheet, act.data.run, state, act.at);
  if (!view) return refused('unknown-run');
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
  const { prepared } = view.run;
  // Nothing is set or treated before bolts are eased; jacks are as dangerous as ever.
  const slackens = name.programme === STRIP;
  if (!prepared && !slackens) return refused('run-not-prepared');
  if (slackens && act.type === 'stud.tensioned' && !job.cautions.hydraulics) {
    return refused('caution-first');
  }
  const stage = view.stages.find((s) => s.key === stageId);
  const bolt = stage?.bolts.find((b) => b.act.key === key);
  if (!stage || !bolt) return refused('unknown-fastener');
  const taken = bolt.attempts.some((attempt) => attempt.pass === pass);
  if (taken || bolt.status === 'contested')
    return refused('pass-taken', { bolt: numberOf(view, bolt) });
  if (stage !== view.current) return refused('stage-not-current', { bolt: numberOf(view, bolt) });
  if (pass !== bolt.nextPass || bolt.status === 'done') {
    return refused('pass-taken', { bolt: numberOf(view, bolt) });
  }
  if (act.type === 'step.done' && bolt.act.kind === 'turn-crank') {
    const held = refusedByCrank(sheet, job);
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
};

/** The act that says this pull was made. */
export function doneBy({ kind }: TightenAct): RunActType {
  return DONE_BY[kind];
}

/** The figures an act carries must be the ones the sheet and the wrench in hand give. */
function decideFigures(
  act: { [T in RunActType]: ActOf<T> }[RunActType],
  planned: TightenAct,
  prepared: RunState['prepared'],
): Verdict {
  if (act.type === 'bolt.failed') return ACCEPTED;
  if (act.type !== doneBy(planned)) return refused('not-this-way');
  switch (act.type) {
    case 'bolt.turned':
      return same(act.data.deg, planned.deg ?? 0)
        ? ACCEPTED
        : refused('angle-not-shown', { deg: planned.deg ?? 0 });
    case 'stud.tensioned':
      return same(act.data.bar, planned.bar ?? 0)
        ? ACCEPTED
        : refused('pressure-not-shown', { bar: planned.bar ?? 0 });
    case 'bolt.eased':
    case 'step.done':
      return ACCEPTED;
    case 'bolt.pulled':
      return prepared ? decidePull(act, planned, prepared) : refused('run-not-prepared');
  }
}

function same(one: number, other: number): boolean {
  return inMillionths(one) === inMillionths(other);
}

function decidePull(
  { data }: ActOf<'bolt.pulled'>,
  planned: TightenAct,
  prepared: NonNullable<RunState['prepared']>,
): Verdict {
  const { wrench } = prepared;
  if (!wrench) return refused('run-not-prepared');
  const nm = planned.nm ?? 0;
  const setNm = wrenchSettingNm(nm, prepared);
  if (!same(data.nm, nm) || !same(data.setNm, setNm) || data.wrench !== wrench.id) {
    return refused('figure-not-shown', { nm, setNm });
  }
  const { lowNm, highNm } = wrench;
  if (!atLeast(setNm, lowNm) || !atMost(setNm, highNm)) {
    return refused('wrench-out-of-range', { setNm, lowNm, highNm });
  }
  return ACCEPTED;
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
