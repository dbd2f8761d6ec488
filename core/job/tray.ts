import type { Pending } from './pendingState';
import type { RunView } from './run/views';
import type { EngineSheet } from '../sheet/engineSheet';
import { setOf } from '../sheet/programmeOf';
import { variantOf } from '../sheet/variants';
import { heightsOf } from '../sheet/spec/block';
import type { FastenedSet } from '../sheet/spec/fastening';
import { coveringView } from './cards/covering';
import { cardOfRun } from './run/runKey';
import { AFTER_HEAT, afterHeatFrom, afterHeatOf, setsAfterHeat } from './afterHeat';
import { runDone, runView } from './run/runView';
import { overheadView } from './cards/valves';
import { checkedCard, hasChecks, linersCard, standOutCard } from './build';
import { pumpChecks } from './cards/pump';
import { timingChecks, timingSets } from './cards/timing';
import { pumpCard, timingCard, wheelsBarred } from './timed';
import { cardsOfPlace } from './cardsOfPlace';
import type { CheckCard } from './checks/check';
import { layeredOn, type Layered } from './differences';
import {
  causeCard,
  crankHeld,
  deadCard,
  leftOut,
  markCard,
  missingFor,
  partsCard,
  stillIn,
  stripCard,
} from './intake';
import { pendingOn } from './pending';
import { linersLack, runLack, valvesLack, type Lack } from './lacks';
import { camInHead, setsInScope, TOP, type JobSheet } from './scope';
import { sheetOfJob } from './sheetOfJob';
import { DONE, openFor, type TrayCard, type Standing } from './standing';
import type { JobState } from './state';
import type { CardName, TrayReason } from './trayReason';

/**
 * The runs of a set, one for each of its instances.
 * @param by the programme, where it is not the set's own
 */
export function runsOf(
  sheet: EngineSheet,
  state: JobState,
  setId: string,
  now: string,
  by?: string,
): readonly RunView[] {
  const set = setOf(sheet, setId);
  const programme = by ?? set?.programme?.id;
  if (!set || programme === undefined) return [];
  return set.instances.flatMap((instance) => {
    const view = runView(sheet, { set: set.id, instance, programme }, state.runs, now);
    return view ? [view] : [];
  });
}

/** The run to work on: the first of its set that has begun or not been closed, else the last. */
export function currentRun(runs: readonly RunView[]): RunView | null {
  return runs.find((run) => !runDone(run)) ?? runs.at(-1) ?? null;
}

/** A card at its place in the order of work. */
interface Placed extends Omit<TrayCard, 'number'> {
  /** What is done before the cards after it: itself, or what it waited for where it is left out. */
  readonly first: readonly Placed[];
}

/** What a card waits for besides its own work: each may bar it, the first that does says why. */
interface Gates {
  /** The cards that are done before it. */
  readonly after: readonly Placed[];
  readonly lacks?: readonly Lack[];
  /** What bars it by the state of the engine or of its parts. */
  readonly bars?: () => TrayReason | null;
}

/**
 * A job's cards in the order of work, each with where it stands and why: the cards this engine
 * needs and no others. What the sheet does not say at all still has its card, barred, so that
 * nobody takes its absence for "not needed".
 * @param pinned the revision the job is pinned to
 * @param now ISO time; a run left too long asks to be swept
 */
export function trayOf(pinned: EngineSheet, state: JobState, now: string): readonly TrayCard[] {
  const layered = layeredOn(variantOf(pinned, state.variant), state.layers);
  const sheet = sheetOfJob(pinned, state);
  const cards: Placed[] = [];
  /** A card opens when those before it are done, the sheet has what it needs, and nothing objects. */
  const add = (
    placed: Pick<Placed, 'card' | 'set'>,
    { after: before, lacks = [], bars }: Gates,
    stand: () => Standing,
  ): Placed => {
    const open = undecidedFor(layered, placed);
    const standing = (): Standing => {
      if (lacks.length > 0) return lacking(lacks);
      if (open > 0) return differing(open);
      const unsure = pendingOn(state, sheet, placed);
      if (unsure) return undecided(unsure);
      const out = leftOut(placed.card, state);
      if (out) return out;
      const first = before.flatMap((card) => card.first).find(({ status }) => status !== 'done');
      if (first) return waitingFor(first);
      const own = stand();
      const barred = own.status === 'done' ? null : bars?.();
      return barred ? { status: 'barred', reason: barred, trouble: true } : own;
    };
    const stands = { ...placed, ...standing() };
    const isLeftOut = stands.reason.code === 'left-out';
    const card: Placed = {
      ...stands,
      get first() {
        return isLeftOut ? before.flatMap(({ first }) => first) : [card];
      },
    };
    cards.push(card);
    return card;
  };
  const last = (): readonly Placed[] => cards.slice(-1);
  const dead = add({ card: 'dead' }, { after: [] }, () => deadCard(sheet, state));
  const mark = add({ card: 'mark' }, { after: [dead] }, () => markCard(sheet, state));
  const strip = add({ card: 'strip' }, { after: [dead] }, () => stripCard(sheet, state, now));
  add({ card: 'parts' }, { after: [] }, () => partsCard(sheet, state));
  const inspect = (): Standing => checkedCard(sheet, state, 'inspect');
  let opened: readonly Placed[] = [add({ card: 'inspect' }, { after: [mark, strip] }, inspect)];
  /** A card of checks, where this job has any for it. */
  const addChecks = (card: CheckCard, stand?: () => Standing): void => {
    if (!hasChecks(sheet, card)) return;
    opened = [add({ card }, { after: opened }, stand ?? (() => checkedCard(sheet, state, card)))];
  };
  addChecks('bores');
  if (!sheet.liners || heightsOf(sheet.liners)) {
    const bars = (): TrayReason | null => missingFor(sheet, state, { card: 'liners' });
    const gates = { after: opened, lacks: linersLack(sheet), bars };
    opened = [add({ card: 'liners' }, gates, () => linersCard(sheet, state))];
  }
  const sets = setsInScope(sheet).filter(
    ({ kind, programme }) => TOP.includes(kind) || programme !== undefined,
  );
  if (sets.length === 0) {
    const gates = { after: opened, lacks: runLack(sheet, null) };
    opened = [add({ card: 'tighten', set: null }, gates, () => lacking(['head-set']))];
  }
  // A head that is put on step by step shuts in what is left at the step it is let down.
  const shutsAtOnce = (kind: FastenedSet['kind']): boolean =>
    COVERS.includes(kind) && !(kind === 'head' && !state.leftOut.covering);
  const addSets = (kinds: (kind: FastenedSet['kind']) => boolean): void => {
    for (const { id, name, kind } of sets.filter((set) => kinds(set.kind))) {
      const bars = (): TrayReason | null =>
        missingFor(sheet, state, { card: 'tighten', set: id }) ??
        (shutsAtOnce(kind) ? stillIn(state, 'covering') : null);
      const gates = { after: opened, lacks: runLack(sheet, id), bars };
      const stand = (): Standing => tightenCard(sheet, state, runsOf(sheet, state, id, now), now);
      opened = [add({ card: 'tighten', set: { id, name } }, gates, stand)];
    }
  };
  /** Set where the camshaft is in; its wheels are bolted on between two of its steps. */
  const addTiming = (): void => {
    if (timingChecks(sheet).length === 0) return;
    const before = opened;
    const timing = add({ card: 'timing' }, { after: before }, () => timingCard(sheet, state));
    const pulled = timingSets(sheet).map(({ id, name }) => {
      const bars = (): TrayReason | null => wheelsBarred(sheet, state, id);
      const gates = { after: before, lacks: runLack(sheet, id), bars };
      const stand = (): Standing => tightenCard(sheet, state, runsOf(sheet, state, id, now), now);
      return add({ card: 'tighten', set: { id, name } }, gates, stand);
    });
    opened = [timing, ...pulled];
  };
  addChecks('shells');
  addSets((kind) => kind === 'main-caps');
  addChecks('crank');
  addChecks('pistons');
  addSets((kind) => kind === 'rod-caps');
  const inBlock = !camInHead(sheet);
  if (inBlock) addTiming();
  addChecks('stand-out', () => standOutCard(sheet, state));
  addChecks('head-build');
  addSets((kind) => TOP.includes(kind));
  if (!inBlock) addTiming();
  addSets((kind) => !TOP.includes(kind) && !BEFORE_TOP.includes(kind));
  const lacks = valvesLack(sheet);
  const bars = (): TrayReason | null =>
    missingFor(sheet, state, { card: 'valves' }) ?? crankHeld(sheet, state);
  add({ card: 'valves' }, { after: opened, lacks, bars }, () => valvesCard(sheet, state));
  if (pumpChecks(sheet).length > 0) {
    add({ card: 'pump' }, { after: last() }, () => pumpCard(sheet, state));
  }
  if (lacks.length === 0 && overheadView(sheet, state.valves, state.crank, 'cold')?.provisional) {
    const running = (): TrayReason | null => stillIn(state, 'starting') ?? crankHeld(sheet, state);
    add({ card: 'recheck' }, { after: last(), bars: running }, () => recheckCard(sheet, state));
  }
  for (const { id, name } of setsAfterHeat(sheet)) {
    const running = (): TrayReason | null => (state.heat ? null : stillIn(state, 'starting'));
    const gates = {
      after: cards.filter(({ card }) => card === 'tighten' || card === 'valves'),
      bars: running,
    };
    add({ card: 'after-heat', set: { id, name } }, gates, () => heatCard(sheet, state, id, now));
  }
  add({ card: 'cause' }, { after: [] }, () => causeCard(cards, state));
  return cards.map(({ first: _, ...card }, place) => ({ number: place + 1, ...card }));
}

/** Sets that go on before the top end, or with the timing. */
const BEFORE_TOP: readonly FastenedSet['kind'][] = ['main-caps', 'rod-caps', 'timing-wheels'];
/** Sets that close over what cannot be reached afterwards. */
const COVERS: readonly FastenedSet['kind'][] = ['head', 'cylinder-base', 'cover'];

/** The tray's entry for a card, and for a set where several are tightened. */
export function entryOf(
  tray: readonly TrayCard[],
  { card, set }: { readonly card: CardName; readonly set?: string | undefined },
): TrayCard | undefined {
  return tray.find((entry) => entry.card === card && (set === undefined || entry.set?.id === set));
}

/** Is there nothing left to do on this job? */
export function isFinished(tray: readonly TrayCard[]): boolean {
  return tray.every((card) => card.status === 'done');
}

/**
 * The card to work on: the first that is open; else one that somebody has to decide about; else one that waits;
 * else the one that bars the rest. Null on a job with nothing left to do.
 */
export function currentCard(tray: readonly TrayCard[]): TrayCard | null {
  const left = tray.filter((card) => card.status !== 'done');
  return (
    left.find(({ status }) => status === 'open') ??
    left.find(({ reason }) => TO_DECIDE.includes(reason.code)) ??
    // The cause waits from the day a job is opened: it is never what keeps the rest.
    left.find(({ status, reason }) => status === 'waiting' && reason.code !== 'cause-last') ??
    left[0] ??
    null
  );
}

const TO_DECIDE: readonly TrayReason['code'][] = ['differences-open', 'decision-pending'];

/** How many places a card works by at which its sources differ and nobody has decided. */
function undecidedFor(
  { differences, objections }: Layered,
  { card, set }: Pick<Placed, 'card' | 'set'>,
): number {
  return differences.filter(({ place, standing }) => {
    const asks = standing === 'open' || (objections.length > 0 && standing !== 'agrees');
    return (
      asks &&
      cardsOfPlace(place).some(
        (one) => one.card === card && (one.set ?? null) === (set?.id ?? null),
      )
    );
  }).length;
}

function differing(count: number): Standing {
  return { status: 'barred', reason: { code: 'differences-open', count }, trouble: true };
}

function undecided({ act }: Pending): Standing {
  return {
    status: 'barred',
    reason: { code: 'decision-pending', decision: act.id },
    trouble: true,
  };
}

function lacking(lacks: readonly Lack[]): Standing {
  return { status: 'barred', reason: { code: 'sheet-lacks', lacks }, trouble: false };
}

function waitingFor({ card, set }: Placed): Standing {
  const reason = { code: 'card-first' as const, card, ...(set && { set: set.name }) };
  return { status: 'barred', reason, trouble: false };
}

function tightenCard(
  sheet: JobSheet,
  state: JobState,
  runs: readonly RunView[],
  now: string,
): Standing {
  const view = currentRun(runs);
  if (!view || runDone(view)) return DONE;
  const number = (fastener: string): string | null =>
    view.set.fasteners.find((f) => f.id === fastener)?.number ?? null;
  if (view.turn) {
    const bolts = view.turn.fasteners.map((id) => number(id) ?? id).join(', ');
    return openFor({ code: 'turn-crank', bolts });
  }
  if (!view.current) return DONE;
  const stage = view.stages.indexOf(view.current) + 1;
  const instance = runs.length > 1 ? { instance: view.name.instance } : {};
  const contested = view.current.bolts.find((bolt) => bolt.status === 'contested');
  if (contested) {
    const bolt = number(contested.act.fastener) ?? '';
    return { status: 'open', reason: { code: 'contested', bolt }, trouble: true };
  }
  const first = cardOfRun(view.name) === 'tighten' && !view.run.prepared;
  const covering = first ? coveringView(sheet, state, view.name, now) : null;
  if (covering?.next) {
    const step = covering.next === covering.looked ? 'look' : 'on';
    const out = covering.next.undecided.length > 0;
    return openFor({ code: 'to-cover', step, ...instance }, out);
  }
  if (!view.run.prepared)
    return { status: 'open', reason: { code: 'run-to-prepare', ...instance }, trouble: false };
  if (view.sweeping && view.current.lastAt) {
    const reason = { code: 'sweep-first' as const, stage, lastAt: view.current.lastAt };
    return { status: 'open', reason, trouble: true };
  }
  const bolt = number(view.next?.act.fastener ?? '');
  return {
    status: 'open',
    reason: { code: 'bolt-next', bolt, stage, ...instance },
    trouble: false,
  };
}

/** Waits for the engine to be run hot, then to be cold again; then it is a run like another. */
function heatCard(sheet: JobSheet, state: JobState, setId: string, now: string): Standing {
  const set = setOf(sheet, setId);
  const asked = set && afterHeatOf(set);
  if (!asked) return DONE;
  const runs = runsOf(sheet, state, setId, now, AFTER_HEAT);
  if (runs.every(runDone)) return DONE;
  if (!state.heat) return { status: 'waiting', reason: { code: 'heat-first' }, trouble: false };
  const until = afterHeatFrom(asked, state.heat);
  if (Date.parse(until) > Date.parse(now)) {
    return { status: 'waiting', reason: { code: 'cooling', until }, trouble: false };
  }
  return tightenCard(sheet, state, runs, now);
}

function valvesCard(sheet: JobSheet, state: JobState): Standing {
  const view = overheadView(sheet, state.valves, state.crank, 'cold');
  if (!view) return lacking(valvesLack(sheet));
  const of = view.items.length;
  if (view.again === 'due') return openFor({ code: 'gaps-again' });
  if (view.doneCount === of) {
    const reason = { code: 'all-done' as const, provisional: view.provisional };
    return { status: 'done', reason, trouble: false };
  }
  return {
    status: 'open',
    reason: { code: 'valves-set', done: view.doneCount, of },
    trouble: false,
  };
}

function recheckCard(sheet: JobSheet, state: JobState): Standing {
  if (!state.valves.recheckBegun) {
    return { status: 'waiting', reason: { code: 'run-hot-first' }, trouble: false };
  }
  const view = overheadView(sheet, state.valves, state.crank, 'hot');
  if (!view) return lacking(valvesLack(sheet));
  const of = view.items.length;
  if (view.doneCount === of)
    return { status: 'done', reason: { code: 'all-done' }, trouble: false };
  const reason = { code: 'valves-set' as const, done: view.doneCount, of };
  return { status: 'open', reason, trouble: false };
}
