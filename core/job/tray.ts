import type { EngineSheet } from '../sheet/engineSheet';
import { setOf } from '../sheet/programmeOf';
import { variantOf } from '../sheet/variants';
import { heightsOf } from '../sheet/spec/block';
import type { FastenedSet } from '../sheet/spec/fastening';
import type { Act } from './act';
import { DEAD } from './cards/dead';
import { boreIds, FEWEST_PLACES, linersFinding, readingsOf } from './cards/liners';
import type { PartHold } from './cards/parts';
import { isRunAct, readKey, runView, type RunView } from './cards/tighten';
import { overheadView } from './cards/valves';
import { cardsOfPlace } from './cardsOfPlace';
import { layeredOn, type Layered } from './differences';
import type { CrankHold } from './crankHeld';
import {
  causeCard,
  crankHeld,
  deadCard,
  inspectCard,
  leftOut,
  markCard,
  missingFor,
  partsCard,
  stillIn,
  stripCard,
} from './intake';
import { linersLack, runLack, valvesLack, type Lack } from './lacks';
import { scopedSheet, setsInScope, TOP, type JobSheet } from './scope';
import { STRIP } from './slackening';
import type { JobState } from './state';

export type CardName =
  | 'dead'
  | 'mark'
  | 'strip'
  | 'parts'
  | 'inspect'
  | 'liners'
  | 'tighten'
  | 'valves'
  | 'recheck'
  | 'cause';

/** Cards of a job that was opened with a scope: older jobs get them when theirs is said. */
export const INTAKE: readonly CardName[] = ['dead', 'mark', 'strip', 'parts', 'inspect', 'cause'];
export type CardStatus = 'open' | 'done' | 'waiting' | 'barred';

/** Why a card is barred or waits, or what is next on it; `words/` makes the sentence. */
export type TrayReason =
  | { readonly code: 'card-first'; readonly card: CardName; readonly set?: string }
  | { readonly code: 'sheet-lacks'; readonly lacks: readonly Lack[] }
  /** Sheet, leaflets and deviations say different things, or together do not add up. */
  | { readonly code: 'differences-open'; readonly count: number }
  | { readonly code: 'run-hot-first' }
  | { readonly code: 'to-make-dead'; readonly left: number }
  | { readonly code: 'to-mark'; readonly made: number; readonly of: number }
  /** Parts marked under another variant say something else than they should. */
  | { readonly code: 'marks-translated'; readonly count: number }
  | { readonly code: 'to-slacken'; readonly set: string; readonly instance?: string }
  | { readonly code: 'to-take-off' }
  | { readonly code: 'to-count' }
  | { readonly code: 'parts-to-come'; readonly here: number; readonly of: number }
  | { readonly code: 'parts-wrong'; readonly count: number }
  | { readonly code: 'to-inspect'; readonly done: number; readonly of: number }
  | { readonly code: 'inspected-out'; readonly count: number }
  | { readonly code: 'cause-last' }
  | { readonly code: 'cause-to-answer' }
  /** A part that is not here, or not right, or still at the machine shop. */
  | { readonly code: 'parts-missing'; readonly parts: readonly PartHold[] }
  | { readonly code: 'crank-held'; readonly by: CrankHold }
  /** Something put in for a while is still in. */
  | { readonly code: 'things-in'; readonly things: readonly string[] }
  | { readonly code: 'liners-to-read'; readonly read: number; readonly of: number }
  | { readonly code: 'liners-out' }
  | { readonly code: 'liners-to-accept' }
  | { readonly code: 'run-to-prepare'; readonly instance?: string }
  | {
      readonly code: 'bolt-next';
      readonly bolt: string | null;
      readonly stage: number;
      readonly instance?: string;
    }
  | { readonly code: 'sweep-first'; readonly stage: number; readonly lastAt: string }
  | { readonly code: 'contested'; readonly bolt: string }
  | { readonly code: 'valves-set'; readonly done: number; readonly of: number }
  | { readonly code: 'left-out'; readonly words: string }
  | { readonly code: 'all-done'; readonly provisional?: boolean };

export interface TrayCard {
  readonly number: number;
  readonly card: CardName;
  /** Which fastened set, for a card that tightens one; null when the sheet has none yet. */
  readonly set?: FastenedSetName | null;
  readonly status: CardStatus;
  readonly reason: TrayReason;
  /** Something on it needs a person before anything else: out of limits, contested, to sweep. */
  readonly trouble: boolean;
}

export type FastenedSetName = Pick<FastenedSet, 'id' | 'name'>;

/** The runs of a set, one for each of its instances. */
export function runsOf(
  sheet: EngineSheet,
  state: JobState,
  setId: string,
  now: string,
): readonly RunView[] {
  const set = setOf(sheet, setId);
  const programme = set?.programme?.id;
  if (!set || programme === undefined) return [];
  return set.instances.flatMap((instance) => {
    const view = runView(sheet, { set: set.id, instance, programme }, state.runs, now);
    return view ? [view] : [];
  });
}

/** The run to work on: the first of its set that has begun or not been closed, else the last. */
export function currentRun(runs: readonly RunView[]): RunView | null {
  return runs.find((run) => run.current) ?? runs.at(-1) ?? null;
}

/** Which card of the tray an act belongs to; null for acts that belong to none, or that mend any. */
export function cardOf(act: Act): (Pick<TrayCard, 'card'> & { readonly set?: string }) | null {
  if (isRunAct(act)) {
    const { run } = readKey(act.data.key);
    return run.programme === STRIP ? { card: 'strip' } : { card: 'tighten', set: run.set };
  }
  switch (act.type) {
    case 'check.read':
    case 'check.seen':
    case 'check.decided':
      return { card: act.data.check === DEAD ? 'dead' : checkCard(act.data.check) };
    case 'mark.made':
      return { card: 'mark' };
    case 'bolts.counted':
      return { card: 'strip' };
    case 'part.arrived':
    case 'work.sent':
    case 'work.back':
      return { card: 'parts' };
    case 'cause.answered':
      return { card: 'cause' };
    case 'liner.read':
    case 'liners.accepted':
      return { card: 'liners' };
    case 'run.prepared':
    case 'wrench.let-back':
      return { card: 'tighten', set: act.data.run.set };
    case 'valve.read':
      return { card: 'valves' };
    case 'recheck.begun':
      return { card: 'recheck' };
    default:
      return null;
  }
}

/** Taking off and inspecting share their acts. */
function checkCard(check: string): CardName {
  return check === STRIP ? 'strip' : 'inspect';
}

/** How a card stands, and why. */
export type Standing = Pick<TrayCard, 'status' | 'reason' | 'trouble'>;
type Placed = Omit<TrayCard, 'number'>;

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
  const sheet = scopedSheet(layered.sheet, state.scope);
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
      const out = leftOut(placed.card, state);
      if (out) return out;
      const first = before.find(({ status }) => status !== 'done');
      if (first) return waitingFor(first);
      const own = stand();
      const barred = own.status === 'done' ? null : bars?.();
      return barred ? { status: 'barred', reason: barred, trouble: true } : own;
    };
    const card = { ...placed, ...standing() };
    cards.push(card);
    return card;
  };
  const last = (): readonly Placed[] => cards.slice(-1);
  let opened: readonly Placed[] = [];
  if (state.scope) {
    const dead = add({ card: 'dead' }, { after: [] }, () => deadCard(sheet, state));
    const mark = add({ card: 'mark' }, { after: [dead] }, () => markCard(sheet, state));
    const strip = add({ card: 'strip' }, { after: [dead] }, () => stripCard(sheet, state, now));
    add({ card: 'parts' }, { after: [] }, () => partsCard(sheet, state));
    opened = [add({ card: 'inspect' }, { after: [mark, strip] }, () => inspectCard(sheet, state))];
  }
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
  for (const { id, name, kind } of sets) {
    const bars = (): TrayReason | null =>
      missingFor(sheet, state, { card: 'tighten', set: id }) ??
      (COVERS.includes(kind) ? stillIn(state, 'covering') : null);
    const gates = { after: opened, lacks: runLack(sheet, id), bars };
    opened = [
      add({ card: 'tighten', set: { id, name } }, gates, () =>
        tightenCard(runsOf(sheet, state, id, now)),
      ),
    ];
  }
  if (sheet.overhead?.adjust !== 'hydraulic') {
    const lacks = valvesLack(sheet);
    const bars = (): TrayReason | null =>
      missingFor(sheet, state, { card: 'valves' }) ?? crankHeld(sheet, state);
    add({ card: 'valves' }, { after: last(), lacks, bars }, () => valvesCard(sheet, state));
    if (lacks.length === 0 && overheadView(sheet, state.valves, state.crank, 'cold')?.provisional) {
      const running = (): TrayReason | null =>
        stillIn(state, 'starting') ?? crankHeld(sheet, state);
      add({ card: 'recheck' }, { after: last(), bars: running }, () => recheckCard(sheet, state));
    }
  }
  if (state.scope) add({ card: 'cause' }, { after: [] }, () => causeCard(cards, state));
  return cards.map((card, place) => ({ number: place + 1, ...card }));
}

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
 * The card to work on: the first that is open; else one that waits; else the one that bars the rest.
 * Null on a job with nothing left to do.
 */
export function currentCard(tray: readonly TrayCard[]): TrayCard | null {
  const left = tray.filter((card) => card.status !== 'done');
  const first = (status: CardStatus): TrayCard | undefined =>
    left.find((card) => card.status === status);
  return first('open') ?? first('waiting') ?? left[0] ?? null;
}

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

function lacking(lacks: readonly Lack[]): Standing {
  return { status: 'barred', reason: { code: 'sheet-lacks', lacks }, trouble: false };
}

function waitingFor({ card, set }: Placed): Standing {
  const reason = { code: 'card-first' as const, card, ...(set && { set: set.name }) };
  return { status: 'barred', reason, trouble: false };
}

function linersCard(sheet: JobSheet, { liners }: JobState): Standing {
  if (liners.accepted) return { status: 'done', reason: { code: 'all-done' }, trouble: false };
  const bores = boreIds(sheet);
  const read = bores.filter((bore) => readingsOf(liners, bore).length >= FEWEST_PLACES).length;
  if (linersFinding(sheet, liners)?.overall === 'out') {
    return { status: 'open', reason: { code: 'liners-out' }, trouble: true };
  }
  const reason: TrayReason =
    read < bores.length
      ? { code: 'liners-to-read', read, of: bores.length }
      : { code: 'liners-to-accept' };
  return { status: 'open', reason, trouble: false };
}

function tightenCard(runs: readonly RunView[]): Standing {
  const view = currentRun(runs);
  if (!view?.current) return { status: 'done', reason: { code: 'all-done' }, trouble: false };
  const stage = view.stages.indexOf(view.current) + 1;
  const number = (fastener: string): string | null =>
    view.set.fasteners.find((f) => f.id === fastener)?.number ?? null;
  const instance = runs.length > 1 ? { instance: view.name.instance } : {};
  const contested = view.current.bolts.find((bolt) => bolt.status === 'contested');
  if (contested) {
    const bolt = number(contested.act.fastener) ?? '';
    return { status: 'open', reason: { code: 'contested', bolt }, trouble: true };
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

function valvesCard(sheet: EngineSheet, state: JobState): Standing {
  const view = overheadView(sheet, state.valves, state.crank, 'cold');
  if (!view) return lacking(valvesLack(sheet));
  const of = view.valves.length;
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

function recheckCard(sheet: EngineSheet, state: JobState): Standing {
  if (!state.valves.recheckBegun) {
    return { status: 'waiting', reason: { code: 'run-hot-first' }, trouble: false };
  }
  const view = overheadView(sheet, state.valves, state.crank, 'hot');
  if (!view) return lacking(valvesLack(sheet));
  const of = view.valves.length;
  if (view.doneCount === of)
    return { status: 'done', reason: { code: 'all-done' }, trouble: false };
  const reason = { code: 'valves-set' as const, done: view.doneCount, of };
  return { status: 'open', reason, trouble: false };
}
