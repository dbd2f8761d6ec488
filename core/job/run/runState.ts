import type { RunName } from '../facts/run';
import {
  NO_HANDS,
  NO_RUN,
  type Attempt,
  type RunsActs,
  type RunState,
  type RunsState,
} from '../facts/runs';
import type { ActOf, LoggedActOf, RunActType } from '../act';
import { readKey, runKey } from './runKey';
import { madeReady } from './preparedFor';
import { turnedAfter } from './turns';

/** A pause longer than this leaves doubt about which bolt was last: sweep the stage. */
export const SWEEP_AFTER_MS = 15 * 60 * 1000;

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

/** What follows for the runs, act by act. */
export const runEvolve: RunEvolve = {
  'run.prepared': (runs, { id: actId, data, at, by, device }) => {
    const { run: name, wrench, adapter, treatment, side } = data;
    const own = { actId, wrench, adapter, treatment, at, by };
    return changed(runs, name, (run) => ({
      ...run,
      prepared: madeReady(run.prepared, side, own),
      // The wrench at the other end stays set as it is.
      hands: side ? { ...run.hands, by: { ...run.hands.by, [device]: null } } : NO_HANDS,
    }));
  },
  'bolt.pulled': became,
  'bolt.turned': became,
  'bolt.eased': became,
  'stud.tensioned': became,
  'step.done': became,
  'bolt.failed': became,
  'bolts.reported': (runs, act) => {
    const [first] = act.data.pulls;
    return first ? changed(runs, readKey(first.key).run, (run) => reported(run, act)) : runs;
  },
  'stage.set': (runs, { data, device }) =>
    changed(runs, data.run, (run) => ({ ...run, hands: inHand(run, device, data.stage) })),
  'cap.turned': (runs, act) => changed(runs, act.data.run, (run) => turnedAfter(run, act)),
  'bolt.taken-out': (runs, act) => changed(runs, act.data.run, (run) => tookOut(run, act)),
  'run.marked': (runs, { data, at, by }) =>
    changed(runs, data.run, (run) => ({ ...run, marked: { at, by } })),
  'wrench.let-back': (runs, { data, at, by }) =>
    changed(runs, data.run, (run) => ({
      ...run,
      letBack: { ...run.letBack, [data.side ?? 'both']: { at, by } },
    })),
  'contest.decided': (runs, { data: { key } }) =>
    changed(runs, readKey(key).run, (run) => ({
      ...run,
      decided: { ...run.decided, [key]: run.attempts[key]?.length ?? 0 },
    })),
};

type RunEvolve = {
  readonly [T in keyof RunsActs]: (runs: RunsState, act: LoggedActOf<T>) => RunsState;
};

/** What became of one fastener. */
function became(runs: RunsState, act: LoggedActOf<RunActType>): RunsState {
  return changed(runs, readKey(act.data.key).run, (run) => attempted(run, act));
}

function changed(state: RunsState, name: RunName, change: (run: RunState) => RunState): RunsState {
  const key = runKey(name);
  return { ...state, [key]: change(state[key] ?? NO_RUN) };
}

function inHand(
  { hands }: RunState,
  device: string,
  stage: string,
  eases = false,
): RunState['hands'] {
  const before = hands.by[device] ?? hands.last;
  const at = { stage, pulledAt: eases ? (before?.pulledAt ?? null) : stage };
  return { by: { ...hands.by, [device]: at }, last: at };
}

/** As many pulls, each marked as said afterwards. */
function reported(run: RunState, act: LoggedActOf<'bolts.reported'>): RunState {
  const { pulls, wrench } = act.data;
  return pulls.reduce((after, pull) => {
    const data = { ...pull, wrench };
    return attempted(after, { ...act, type: 'bolt.pulled', data }, { afterwards: true });
  }, run);
}

function attempted(
  run: RunState,
  act: LoggedActOf<RunActType>,
  more: Pick<Attempt, 'afterwards'> = {},
): RunState {
  const { key, pass } = act.data;
  const { stage, fastener } = readKey(key);
  const attempt: Attempt = {
    actId: act.id,
    pass,
    at: act.at,
    by: act.by,
    device: act.device,
    ...more,
    ...(act.type === 'bolt.pulled' && readOf(act.data)),
    ...(act.type === 'bolt.turned' && turnOf(act.data)),
    ...(act.type === 'stud.tensioned' && act.data.holes !== undefined && { holes: act.data.holes }),
    ...(act.type === 'bolt.failed' && { fault: { kind: act.data.fault, words: act.data.words } }),
  };
  const before = run.lastAt[stage];
  // One fastener's own redo says nothing of its fellows, however much later it is.
  const paused = before !== undefined && pausedTooLong(before, act.at) && !run.takenOut[fastener];
  return {
    ...run,
    attempts: { ...run.attempts, [key]: [...(run.attempts[key] ?? []), attempt] },
    sweepFrom: paused ? { ...run.sweepFrom, [stage]: act.at } : run.sweepFrom,
    lastAt: { ...run.lastAt, [stage]: later(before, act.at) },
    letBack: {},
    marked: null,
    // A wait or a turn of the crank leaves the hand as it was.
    hands:
      act.type === 'step.done'
        ? run.hands
        : inHand(run, act.device, stage, act.type === 'bolt.eased'),
  };
}

function readOf(data: ActOf<'bolt.pulled'>['data']): Partial<Attempt> {
  const { nm, side, reachedNm, wrench } = data;
  return { nm, wrench, ...(side && { side }), ...(reachedNm !== undefined && { reachedNm }) };
}

function turnOf({ side, reachedDeg }: ActOf<'bolt.turned'>['data']): Partial<Attempt> {
  return { ...(side && { side }), ...(reachedDeg !== undefined && { reachedDeg }) };
}

/** A fastener that is out is pulled again from the first stage; the others stand as they are. */
function tookOut(run: RunState, { data, at, by }: LoggedActOf<'bolt.taken-out'>): RunState {
  const { fastener, words } = data;
  return {
    ...run,
    attempts: Object.fromEntries(
      Object.entries(run.attempts).filter(([key]) => readKey(key).fastener !== fastener),
    ),
    takenOut: { ...run.takenOut, [fastener]: { at, by, words } },
    letBack: {},
    marked: null,
  };
}

function later(entry: string | undefined, other: string): string {
  return entry !== undefined && Date.parse(entry) > Date.parse(other) ? entry : other;
}

/** Is this long enough for doubt about which bolt was last? */
export function pausedTooLong(from: string, to: string): boolean {
  return Date.parse(to) - Date.parse(from) > SWEEP_AFTER_MS;
}
