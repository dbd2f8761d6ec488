import type { EngineSheet } from '../sheet/engineSheet';
import type { ActType } from './act';
import { FEWEST_PLACES, boreIds, linersFinding, readingsOf } from './cards/liners';
import { runView, type RunView } from './cards/tighten';
import { overheadView } from './cards/valves';
import type { JobState } from './state';

export type CardName = 'liners' | 'tighten' | 'valves' | 'recheck';
export type CardStatus = 'open' | 'done' | 'waiting' | 'barred';

/** Why a card is barred or waits, or what is next on it; `words/` makes the sentence. */
export type TrayReason =
  | { readonly code: 'card-first'; readonly card: CardName }
  | { readonly code: 'run-hot-first' }
  | { readonly code: 'liners-to-read'; readonly read: number; readonly of: number }
  | { readonly code: 'liners-out' }
  | { readonly code: 'liners-to-accept' }
  | { readonly code: 'run-to-prepare' }
  | { readonly code: 'bolt-next'; readonly bolt: string; readonly stage: number }
  | { readonly code: 'sweep-first'; readonly stage: number; readonly lastAt: string }
  | { readonly code: 'contested'; readonly bolt: string }
  | { readonly code: 'valves-set'; readonly done: number; readonly of: number }
  | { readonly code: 'all-done'; readonly provisional?: boolean };

export interface TrayCard {
  readonly number: number;
  readonly card: CardName;
  readonly status: CardStatus;
  readonly reason: TrayReason;
  /** Something on it needs a person before anything else: out of limits, contested, to sweep. */
  readonly trouble: boolean;
}

/** The run of the head on this engine: its first fastened set. */
export function headRun(sheet: EngineSheet, state: JobState, now: string): RunView | null {
  const set = sheet.fastenedSets[0];
  if (!set) return null;
  const name = { set: set.id, instance: set.instances[0] ?? '1', programme: set.programme.id };
  return runView(sheet, name, state.runs, now);
}

/** Which card an act belongs to; null for acts that belong to none, or that mend any. */
export function cardOf(type: ActType): CardName | null {
  switch (type) {
    case 'liner.read':
    case 'liners.accepted':
      return 'liners';
    case 'run.prepared':
    case 'bolt.pulled':
    case 'bolt.failed':
      return 'tighten';
    case 'valve.read':
      return 'valves';
    case 'recheck.begun':
      return 'recheck';
    default:
      return null;
  }
}

/**
 * A job's cards in the order of work, each with where it stands and why.
 * @param now ISO time; a run left too long asks to be swept
 */
export function trayOf(sheet: EngineSheet, state: JobState, now: string): readonly TrayCard[] {
  const liners = linersCard(sheet, state);
  const tighten = after('liners', liners.status, () => tightenCard(sheet, state, now));
  const valves = after('tighten', tighten.status, () => valvesCard(sheet, state));
  const cards: [CardName, Standing][] = [
    ['liners', liners],
    ['tighten', tighten],
    ['valves', valves],
  ];
  if (overheadView(sheet, state.valves, state.crank, 'cold').provisional) {
    cards.push(['recheck', after('valves', valves.status, () => recheckCard(sheet, state))]);
  }
  return cards.map(([card, standing], place) => ({ number: place + 1, card, ...standing }));
}

/** Is there nothing left to do on this job? */
export function isFinished(tray: readonly TrayCard[]): boolean {
  return tray.every((card) => card.status === 'done');
}

/** The card to work on: the first that is neither done nor barred. */
export function currentCard(tray: readonly TrayCard[]): TrayCard | null {
  return tray.find((card) => card.status !== 'done' && card.status !== 'barred') ?? null;
}

type Standing = Pick<TrayCard, 'status' | 'reason' | 'trouble'>;

function after(card: CardName, status: CardStatus, then: () => Standing): Standing {
  if (status === 'done') return then();
  return { status: 'barred', reason: { code: 'card-first', card }, trouble: false };
}

function linersCard(sheet: EngineSheet, { liners }: JobState): Standing {
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

function tightenCard(sheet: EngineSheet, state: JobState, now: string): Standing {
  const view = headRun(sheet, state, now);
  if (!view?.current) return { status: 'done', reason: { code: 'all-done' }, trouble: false };
  const stage = view.stages.indexOf(view.current) + 1;
  const number = (fastener: string): string =>
    view.set.fasteners.find((f) => f.id === fastener)?.number ?? fastener;
  const contested = view.current.bolts.find((bolt) => bolt.status === 'contested');
  if (contested) {
    const reason = { code: 'contested' as const, bolt: number(contested.act.fastener) };
    return { status: 'open', reason, trouble: true };
  }
  if (!view.run.prepared)
    return { status: 'open', reason: { code: 'run-to-prepare' }, trouble: false };
  if (view.sweeping && view.current.lastAt) {
    const reason = { code: 'sweep-first' as const, stage, lastAt: view.current.lastAt };
    return { status: 'open', reason, trouble: true };
  }
  const bolt = number(view.next?.act.fastener ?? '');
  return { status: 'open', reason: { code: 'bolt-next', bolt, stage }, trouble: false };
}

function valvesCard(sheet: EngineSheet, state: JobState): Standing {
  const view = overheadView(sheet, state.valves, state.crank, 'cold');
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
  const of = view.valves.length;
  if (view.doneCount === of)
    return { status: 'done', reason: { code: 'all-done' }, trouble: false };
  const reason = { code: 'valves-set' as const, done: view.doneCount, of };
  return { status: 'open', reason, trouble: false };
}
