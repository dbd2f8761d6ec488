import type { Lack } from './lacks';
import type { CardStatus, TrayReason, Wait } from './trayReason';
import type { CardName } from './facts/cardName';
import type { FastenedSet } from '../sheet/spec/fastening';

/** Nothing is left to do on a card. */
export const DONE: Standing = {
  status: 'done',
  reason: { code: 'all-done' },
  needsAttention: false,
};

/** A card that can be worked on, and what is next on it. */
export function openFor(reason: TrayReason, needsAttention = false): Standing {
  return { status: 'open', reason, needsAttention };
}

/** A card on which nothing can be done before something else has come about. */
export function waitingFor(reason: TrayReason, needsAttention = false): Standing {
  return { status: 'waiting', reason, needsAttention };
}

/** A card whose sheet does not say what it cannot do without. */
export function lackingStanding(lacks: readonly Lack[]): Standing {
  return { status: 'barred', reason: { code: 'sheet-lacks', lacks }, needsAttention: false };
}

/** How a card stands, and why. */
export type Standing = {
  /** Something on it needs a person before anything else: out of limits, contested, to sweep. */
  readonly needsAttention: boolean;
} & (
  | { readonly status: 'barred'; readonly reason: Wait }
  | { readonly status: Exclude<CardStatus, 'barred'>; readonly reason: TrayReason }
);

export type TrayCard = Standing & {
  readonly number: number;
  readonly card: CardName;
  /** Which fastened set, for a card that tightens one; null when the sheet has none yet. */
  readonly set?: FastenedSetName | null;
};

export type FastenedSetName = Pick<FastenedSet, 'id' | 'name'>;
