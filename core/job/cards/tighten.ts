import { adapterSetting } from '../../tightening/adapterSetting';
import { inMillionths } from '../../quantity/withinLimits';
import { settingFor } from '../../tightening/wrenchChoose';
import type { EngineSheet } from '../../sheet/engineSheet';
import { planOf, stagesOf } from '../../sheet/programmeOf';
import type { FastenedSet, SheetStage } from '../../sheet/spec/fastening';
import type { TightenAct } from '../../tightening/tightenPlan';
import type { ActOf, BoltFault, LoggedAct, RunActType, RunName, WrenchShown } from '../act';
import { setForRun } from '../slackening';

/** A pause longer than this leaves doubt about which bolt was last: sweep the stage. */
export const SWEEP_AFTER_MS = 15 * 60 * 1000;

export interface Attempt {
  readonly actId: string;
  readonly pass: number;
  readonly at: string;
  readonly by: string;
  readonly device: string;
  /** The value it was pulled to; absent for what is not pulled by torque. */
  readonly nm?: number;
  /** Absent when the bolt was pulled and reached its value. */
  readonly fault?: { readonly kind: BoltFault; readonly words: string };
}

export interface RunState {
  readonly prepared: {
    readonly actId: string;
    readonly wrench: WrenchShown | null;
    readonly adapter: { readonly mm: number; readonly deg: number } | null;
    /** What was said to be on the threads. */
    readonly treatment: string;
    readonly at: string;
    readonly by: string;
  } | null;
  /** What was done to each bolt in each stage, by the plan's key. */
  readonly attempts: Readonly<Record<string, readonly Attempt[]>>;
  /** Contested keys that someone has decided, with how many attempts they had then. */
  readonly decided: Readonly<Record<string, number>>;
  /** By stage: bolts pulled before this moment are to be swept, a long pause having followed. */
  readonly sweepFrom: Readonly<Record<string, string>>;
  /** By stage: when it was last worked on. */
  readonly lastAt: Readonly<Record<string, string>>;
  /** When the wrench was let back after the last pull. */
  readonly letBack: { readonly at: string; readonly by: string } | null;
}

export const NO_RUN: RunState = {
  prepared: null,
  attempts: {},
  decided: {},
  sweepFrom: {},
  lastAt: {},
  letBack: null,
};

export type RunsState = Readonly<Record<string, RunState>>;

/** The key under which a run is kept: the head of each of its plan's keys. */
export function runKey({ set, instance, programme }: RunName): string {
  return [set, instance, programme].join('/');
}

/** Splits a plan's key into the run it belongs to, its stage within its cycle, and its fastener. */
export function readKey(key: string): { run: RunName; stage: string; fastener: string } {
  const [set = '', instance = '', programme = '', cycle = '', stage = '', fastener = ''] =
    key.split('/');
  return { run: { set, instance, programme }, stage: stageKey(cycle, stage), fastener };
}

/** A stage of one cycle: two cycles may have stages of the same name. */
export function stageKey(cycle: string, stage: string): string {
  return `${cycle}/${stage}`;
}

const RUN_ACTS: ReadonlySet<string> = new Set<RunActType>([
  'bolt.pulled',
  'bolt.turned',
  'bolt.eased',
  'stud.tensioned',
  'step.done',
  'bolt.failed',
]);

/** Does this act say what became of a fastener, or a step, of a run? */
export function isRunAct<A extends { readonly type: string }>(
  act: A,
): act is A & { [T in RunActType]: ActOf<T> }[RunActType] {
  return RUN_ACTS.has(act.type);
}

export function evolveRuns(state: RunsState, act: LoggedAct): RunsState {
  if (isRunAct(act)) return changed(state, readKey(act.data.key).run, (run) => attempted(run, act));
  switch (act.type) {
    case 'run.prepared': {
      const { wrench, adapter, treatment } = act.data;
      const prepared = { actId: act.id, wrench, adapter, treatment, at: act.at, by: act.by };
      return changed(state, act.data.run, (run) => ({ ...run, prepared }));
    }
    case 'wrench.let-back':
      return changed(state, act.data.run, (run) => ({
        ...run,
        letBack: { at: act.at, by: act.by },
      }));
    case 'contest.decided': {
      const { key } = act.data;
      return changed(state, readKey(key).run, (run) => ({
        ...run,
        decided: { ...run.decided, [key]: run.attempts[key]?.length ?? 0 },
      }));
    }
    default:
      return state;
  }
}

function changed(state: RunsState, name: RunName, change: (run: RunState) => RunState): RunsState {
  const key = runKey(name);
  return { ...state, [key]: change(state[key] ?? NO_RUN) };
}

function attempted(
  run: RunState,
  act: LoggedAct & { [T in RunActType]: ActOf<T> }[RunActType],
): RunState {
  const { key, pass } = act.data;
  const { stage } = readKey(key);
  const attempt: Attempt = {
    actId: act.id,
    pass,
    at: act.at,
    by: act.by,
    device: act.device,
    ...(act.type === 'bolt.pulled' && { nm: act.data.nm }),
    ...(act.type === 'bolt.failed' && { fault: { kind: act.data.fault, words: act.data.words } }),
  };
  const before = run.lastAt[stage];
  const paused = before !== undefined && pausedTooLong(before, act.at);
  return {
    ...run,
    attempts: { ...run.attempts, [key]: [...(run.attempts[key] ?? []), attempt] },
    sweepFrom: paused ? { ...run.sweepFrom, [stage]: act.at } : run.sweepFrom,
    lastAt: { ...run.lastAt, [stage]: later(before, act.at) },
    letBack: null,
  };
}

function later(one: string | undefined, other: string): string {
  return one !== undefined && Date.parse(one) > Date.parse(other) ? one : other;
}

function pausedTooLong(from: string, to: string): boolean {
  return Date.parse(to) - Date.parse(from) > SWEEP_AFTER_MS;
}

export type BoltStatus = 'open' | 'done' | 'failed' | 'contested' | 'sweep';

export interface BoltView {
  readonly act: TightenAct;
  readonly status: BoltStatus;
  readonly attempts: readonly Attempt[];
  readonly nextPass: number;
}

export interface StageView {
  readonly key: string;
  readonly stage: SheetStage;
  readonly bolts: readonly BoltView[];
  readonly closed: boolean;
  readonly lastAt: string | null;
}

export interface RunView {
  readonly name: RunName;
  readonly set: FastenedSet;
  readonly run: RunState;
  readonly stages: readonly StageView[];
  /** The first stage not closed; null when the run is done. */
  readonly current: StageView | null;
  /** The pull to make next: sweep first, then the order, then those that failed. */
  readonly next: BoltView | null;
  readonly sweeping: boolean;
  /** The last bolt worked on, in any stage. */
  readonly last: {
    readonly bolt: BoltView;
    readonly attempt: Attempt;
    readonly stage: SheetStage;
  } | null;
}

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
  const run = runs[runKey(name)] ?? NO_RUN;
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
  const firstOpen = stages.findIndex((stage) => !stage.closed);
  const current = firstOpen < 0 ? null : pauseSweeps(stages[firstOpen], now);
  if (current) stages[firstOpen] = current;
  return {
    name,
    set,
    run,
    stages,
    current,
    next: current ? nextOf(current.bolts) : null,
    sweeping: current?.bolts.some((bolt) => bolt.status === 'sweep') ?? false,
    last: lastOf(stages),
  };
}

function boltViews(run: RunState, stage: string, acts: readonly TightenAct[]): BoltView[] {
  const sweepFrom = run.sweepFrom[stage];
  return acts.map((act) => {
    const attempts = run.attempts[act.key] ?? [];
    return {
      act,
      attempts,
      status: statusOf(
        underThisFigure(attempts, act),
        run.decided[act.key] ?? 0,
        isSwept(act.kind) ? sweepFrom : undefined,
      ),
      nextPass: Math.max(0, ...attempts.map((a) => a.pass)) + 1,
    };
  });
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

/** Two attempts on one pass: two people who could not see each other. */
function isContested(undecided: readonly Attempt[], decided: readonly Attempt[]): boolean {
  const passes = new Set(decided.map((a) => a.pass));
  return undecided.some((attempt) => {
    if (passes.has(attempt.pass)) return true;
    passes.add(attempt.pass);
    return false;
  });
}

/** After a long pause every bolt done in the open stage is doubtful. */
function pauseSweeps(stage: StageView | undefined, now: string): StageView | null {
  if (!stage) return null;
  if (!isSwept(stage.stage.kind) || !wasLeft(stage, now)) return stage;
  const bolts = stage.bolts.map((bolt) =>
    bolt.status === 'done' ? { ...bolt, status: 'sweep' as const } : bolt,
  );
  return { ...stage, bolts };
}

/** Has nobody worked on this stage, begun and not closed, for longer than a bolt is remembered? */
export function wasLeft(stage: StageView, now: string): boolean {
  return stage.lastAt !== null && pausedTooLong(stage.lastAt, now);
}

function nextOf(bolts: readonly BoltView[]): BoltView | null {
  for (const status of ['sweep', 'open', 'failed'] as const) {
    const bolt = bolts.find((b) => b.status === status);
    if (bolt) return bolt;
  }
  return null;
}

function lastOf(stages: readonly StageView[]): RunView['last'] {
  let last: RunView['last'] = null;
  for (const { stage, bolts } of stages) {
    for (const bolt of bolts) {
      for (const attempt of bolt.attempts) {
        if (!last || Date.parse(attempt.at) >= Date.parse(last.attempt.at))
          last = { bolt, attempt, stage };
      }
    }
  }
  return last;
}

/** Is every stage of this run closed? */
export function runDone(view: RunView): boolean {
  return view.current === null;
}

/** What is in hand, and since when. */
export type Hand = Pick<NonNullable<RunState['prepared']>, 'wrench' | 'adapter' | 'at'>;

/**
 * What to set the wrench in hand to for a value: its adapter counted in first, then what it was found
 * to give, in its own steps.
 */
export function wrenchSettingNm(nm: number, prepared: Hand): number {
  const { wrench, adapter } = prepared;
  if (!wrench) return nm;
  const atWrench = adapter
    ? adapterSetting({
        targetNm: nm,
        wrenchMm: wrench.lengthMm,
        adapterMm: adapter.mm,
        adapterDeg: adapter.deg,
      }).settingNm
    : nm;
  const { calibration, stepNm, id, lowNm, highNm } = wrench;
  if (!calibration && stepNm === undefined) return atWrench;
  const checked = {
    id,
    lowNm,
    highNm,
    points: calibration?.points ?? [],
    ...(stepNm !== undefined && { stepNm }),
  };
  return settingFor(checked, atWrench, prepared.at.slice(0, 10)).settingNm;
}

/** The number printed beside a bolt. */
export function numberOf(view: RunView, bolt: BoltView): string {
  return view.set.fasteners.find((f) => f.id === bolt.act.fastener)?.number ?? bolt.act.fastener;
}
