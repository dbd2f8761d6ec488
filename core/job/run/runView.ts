import type { BoltStatus, BoltView, StageView, RunView } from './views';
import type { RunName, Side } from '../facts/run';
import { NO_RUN, type Attempt, type RunsState, type RunState } from '../facts/runs';
import { inMillionths } from '../../quantity/withinLimits';
import { planOf, stagesOf } from '../../sheet/programmeOf';
import type { TightenAct } from '../../tightening/tightenPlan';
import { memoizeByObject } from '../../sheet/memoize';
import type { EngineSheet } from '../../sheet/engineSheet';
import type { FastenedSet } from '../../sheet/spec/fastening';
import { setForRun } from '../slackening';
import { runKey, stageKey } from './runKey';
import { pausedTooLong } from './runState';
import { waitUntil } from './waits';
import { turnDue } from './turns';

/**
 * Where a run stands at a moment: which stage, which bolt next, what is in the way.
 * @param now ISO time; a pause since the last act that is too long asks for a sweep
 * @returns null when the sheet has no such set
 */
export function runView(
  sheet: EngineSheet,
  name: RunName,
  runs: RunsState,
  now: string,
): RunView | null {
  const set = setForRun(sheet, name);
  if (!set?.instances.includes(name.instance)) return null;
  const key = runKey(name);
  const run = runs[key] ?? NO_RUN;
  const both = viewsOf(set)(run);
  const known = both[key];
  const rest = known?.rest ?? restingView(set, name, run);
  const isLeft = rest.current !== null && isDoubtful(rest.current, run, now);
  const left = known?.left ?? (isLeft ? leftView(rest) : null);
  both[key] = { rest, left };
  return isLeft ? left : rest;
}

/**
 * A run as it was worked on a moment ago, and as it was left too long: asked for at every act, of every
 * run of a job, of which one at most has moved on.
 */
interface BothViews {
  readonly rest: RunView;
  readonly left: RunView | null;
}

/** By the set, what was done to it, and the key of the run. */
const viewsOf = memoizeByObject((_: FastenedSet) =>
  memoizeByObject((_run: RunState): Record<string, BothViews> => ({})),
);

/** @returns the view while nobody wonders which bolt was last */
function restingView(set: FastenedSet, name: RunName, run: RunState): RunView {
  const acts = planOf(set, name.instance)?.acts ?? [];
  const stages: StageView[] = [];
  let closedSoFar = true;
  for (const { cycle, stage } of stagesOf(set)) {
    const key = stageKey(cycle, stage.id);
    const ofStage = acts.filter((act) => act.cycle === cycle && act.stage === stage.id);
    const bolts = boltViews(run, key, ofStage);
    closedSoFar = closedSoFar && bolts.every((bolt) => bolt.status === 'done');
    stages.push({ key, stage, bolts, closed: closedSoFar, lastAt: run.lastAt[key] ?? null });
  }
  const current = stages.find((stage) => !stage.closed) ?? null;
  return {
    name,
    set,
    run,
    stages,
    turn: turnDue(set, run, stages),
    last: lastOf(stages),
    ...around(stages, current),
  };
}

/** The same after a long pause: every bolt done in the open stage is doubtful. */
function leftView(view: RunView): RunView {
  const { current } = view;
  if (!current) return view;
  const bolts = current.bolts.map((bolt) =>
    bolt.status === 'done' ? { ...bolt, status: 'sweep' as const } : bolt,
  );
  const swept = { ...current, bolts };
  const stages = view.stages.map((stage) => (stage === current ? swept : stage));
  return { ...view, stages, last: lastOf(stages), ...around(stages, swept) };
}

/** What follows from the stage that is worked on. */
function around(
  stages: readonly StageView[],
  current: StageView | null,
): Pick<RunView, 'current' | 'next' | 'waitUntil' | 'sweeping'> {
  return {
    current,
    next: current ? nextOf(current.bolts) : null,
    waitUntil: waitUntil(stages, current),
    sweeping: current?.bolts.some((bolt) => bolt.status === 'sweep') ?? false,
  };
}

function boltViews(run: RunState, stage: string, acts: readonly TightenAct[]): BoltView[] {
  const sweepFrom = run.sweepFrom[stage];
  return acts.map((act) => {
    const attempts = run.attempts[act.key] ?? [];
    const counting = underThisFigure(attempts, act);
    const status = statusOf(
      counting,
      run.decided[act.key] ?? 0,
      isSwept(act.kind) ? sweepFrom : undefined,
    );
    const sides = act.together ? sidesOf(counting) : [];
    const oneEnd = status === 'done' && act.together === true && sides.length < 2;
    const lastPass = lastPassOf(attempts);
    // One end pulled on a pass that failed is no half: both are pulled anew.
    const failed = oneEnd && attempts.some(({ pass, fault }) => pass === lastPass && fault);
    const half = oneEnd && !failed;
    return {
      act,
      attempts,
      status: failed ? 'failed' : half ? 'half' : status,
      // The other end belongs to the same pass.
      nextPass: half ? lastPass : lastPass + 1,
      sides,
    };
  });
}

function lastPassOf(attempts: readonly Attempt[]): number {
  return Math.max(0, ...attempts.map(({ pass }) => pass));
}

/** The ends pulled on the last pass, which need not be the last that was told of. */
function sidesOf(attempts: readonly Attempt[]): readonly Side[] {
  const pass = lastPassOf(attempts);
  const sides = attempts
    .filter((attempt) => attempt.pass === pass)
    .flatMap(({ side }) => side ?? []);
  return [...new Set(sides)];
}

/**
 * A bolt pulled to a figure that has since changed, by another revision, variant or leaflet, is open again:
 * what was done before is kept, and does not count.
 */
function underThisFigure(attempts: readonly Attempt[], { nm }: TightenAct): readonly Attempt[] {
  const last = attempts.at(-1);
  if (last?.nm === undefined || nm === undefined || inMillionths(last.nm) === inMillionths(nm))
    return attempts;
  return [];
}

function statusOf(
  attempts: readonly Attempt[],
  decidedUpTo: number,
  sweepFrom: string | undefined,
): BoltStatus {
  const last = attempts.at(-1);
  if (!last) return 'open';
  if (isContested(attempts.slice(decidedUpTo), attempts.slice(0, decidedUpTo))) return 'contested';
  if (last.fault) return 'failed';
  if (sweepFrom !== undefined && Date.parse(last.at) < Date.parse(sweepFrom)) return 'sweep';
  return 'done';
}

/**
 * Is a stage of this kind pulled again after a long pause? What was turned by angle never is: its
 * marks are looked at instead.
 */
export function isSwept(kind: TightenAct['kind']): boolean {
  return (
    kind === 'torque' || kind === 'check' || kind === 'hydraulic' || kind === 'hydraulic-check'
  );
}

/**
 * Two attempts at one end on one pass, or one on a pass that had failed already: two people who could not
 * see each other.
 */
function isContested(undecided: readonly Attempt[], decided: readonly Attempt[]): boolean {
  const endOf = ({ pass, side, fault }: Attempt): string => `${pass}${fault ? '' : (side ?? '')}`;
  const taken = new Set(decided.map(endOf));
  return undecided.some((attempt) => {
    const end = endOf(attempt);
    // A pass that failed, failed at both ends.
    if (taken.has(end) || taken.has(`${attempt.pass}`)) return true;
    taken.add(end);
    return false;
  });
}

/** Has this stage been left too long to be sure which of its bolts was last? */
function isDoubtful(stage: StageView, run: RunState, now: string): boolean {
  if (!isSwept(stage.stage.kind) || !wasLeft(stage, now)) return false;
  // What is left is what came out again: nobody wonders about the others.
  const left = stage.bolts.filter(({ status }) => status !== 'done');
  return !left.every(({ act }) => run.takenOut[act.fastener]);
}

/** Has nobody worked on this stage, begun and not closed, for longer than a bolt is remembered? */
export function wasLeft(stage: StageView, now: string): boolean {
  return stage.lastAt !== null && pausedTooLong(stage.lastAt, now);
}

/** Those of a stage that are pulled from one side; all, where it is not shared out between two. */
export function onSide(bolts: readonly BoltView[], side: Side | 'both'): readonly BoltView[] {
  return bolts.filter(
    ({ act: { from } }) => from === undefined || side === 'both' || from === side,
  );
}

/** The pull to make next: what is swept, what waits for its other end, the order, then what failed. */
export function nextOf(bolts: readonly BoltView[]): BoltView | null {
  for (const status of ['sweep', 'half', 'open', 'failed'] as const) {
    const bolt = bolts.find((b) => b.status === status);
    if (bolt) return bolt;
  }
  return null;
}

function lastOf(stages: readonly StageView[]): RunView['last'] {
  let last: RunView['last'] = null;
  let lastMs = -Infinity;
  for (const { stage, bolts } of stages) {
    for (const bolt of bolts) {
      for (const attempt of bolt.attempts) {
        const ms = Date.parse(attempt.at);
        if (ms < lastMs) continue;
        last = { bolt, attempt, stage };
        lastMs = ms;
      }
    }
  }
  return last;
}

/** Is every stage of this run closed, and the crank free after it? */
export function runDone(view: RunView): boolean {
  return view.current === null && view.turn === null;
}

/** The number printed beside a bolt. */
export function numberOf(view: RunView, bolt: BoltView): string {
  return view.set.fasteners.find((f) => f.id === bolt.act.fastener)?.number ?? bolt.act.fastener;
}

/** Has anything been done of a run? */
export function isBegun(runs: RunsState, name: RunName): boolean {
  return Object.keys(runs[runKey(name)]?.attempts ?? {}).length > 0;
}
