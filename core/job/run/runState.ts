import type { ActOf, BoltFault, LoggedAct, RunActType, RunName, Side, WrenchShown } from '../act';
import { readKey, runKey } from './runKey';
import { turnedAfter } from './turns';

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
  readonly side?: Side;
  readonly reachedNm?: number;
  readonly reachedDeg?: number;
  /** How far its nut went, in holes. */
  readonly holes?: number;
  readonly wrench?: string;
  /** Said only after others had been pulled too. */
  readonly afterwards?: true;
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
  /** Turned by hand and free after a cap, by stage and cap. */
  readonly turned: Readonly<Record<string, { readonly at: string; readonly by: string }>>;
  /** Fasteners that came out again after they were pulled, and were, or are to be, redone. */
  readonly takenOut: Readonly<
    Record<string, { readonly at: string; readonly by: string; readonly words: string }>
  >;
  /** Every head marked with paint. */
  readonly marked: { readonly at: string; readonly by: string } | null;
  /** Each hand by its device, and whichever worked last; nothing since all was made ready anew. */
  readonly hands: { readonly by: Readonly<Record<string, HandAt>>; readonly last: HandAt | null };
}

/** At which stage a hand last worked, or for which it was set. */
export interface HandAt {
  readonly stage: string;
  /** The last one that was not eased: easing leaves a wrench set as it was. */
  readonly pulledAt: string | null;
}

const NO_HANDS: RunState['hands'] = { by: {}, last: null };

export const NO_RUN: RunState = {
  prepared: null,
  attempts: {},
  decided: {},
  sweepFrom: {},
  lastAt: {},
  letBack: null,
  turned: {},
  takenOut: {},
  marked: null,
  hands: NO_HANDS,
};

export type RunsState = Readonly<Record<string, RunState>>;

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
      return changed(state, act.data.run, (run) => ({ ...run, prepared, hands: NO_HANDS }));
    }
    case 'bolts.reported': {
      const [first] = act.data.pulls;
      if (!first) return state;
      return changed(state, readKey(first.key).run, (run) => reported(run, act));
    }
    case 'stage.set':
      return changed(state, act.data.run, (run) => ({
        ...run,
        hands: inHand(run, act.device, act.data.stage),
      }));
    case 'cap.turned':
      return changed(state, act.data.run, (run) => turnedAfter(run, act));
    case 'bolt.taken-out':
      return changed(state, act.data.run, (run) => tookOut(run, act));
    case 'run.marked':
      return changed(state, act.data.run, (run) => ({
        ...run,
        marked: { at: act.at, by: act.by },
      }));
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
function reported(run: RunState, act: LoggedAct & ActOf<'bolts.reported'>): RunState {
  const { pulls, wrench } = act.data;
  return pulls.reduce((after, pull) => {
    const data = { ...pull, wrench };
    return attempted(after, { ...act, type: 'bolt.pulled', data }, { afterwards: true });
  }, run);
}

function attempted(
  run: RunState,
  act: LoggedAct & { [T in RunActType]: ActOf<T> }[RunActType],
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
    letBack: null,
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
function tookOut(run: RunState, { data, at, by }: LoggedAct & ActOf<'bolt.taken-out'>): RunState {
  const { fastener, words } = data;
  return {
    ...run,
    attempts: Object.fromEntries(
      Object.entries(run.attempts).filter(([key]) => readKey(key).fastener !== fastener),
    ),
    takenOut: { ...run.takenOut, [fastener]: { at, by, words } },
    letBack: null,
    marked: null,
  };
}

function later(one: string | undefined, other: string): string {
  return one !== undefined && Date.parse(one) > Date.parse(other) ? one : other;
}

/** Is this long enough for doubt about which bolt was last? */
export function pausedTooLong(from: string, to: string): boolean {
  return Date.parse(to) - Date.parse(from) > SWEEP_AFTER_MS;
}
