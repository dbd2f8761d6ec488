import type { CardName } from './cardName';

/** A card put off by somebody, and until when where that is known. */
export interface PutOff {
  readonly words: string;
  /** A date: 2026-03-31. */
  readonly until?: string;
  readonly at: string;
  readonly by: string;
}

export interface PutOffActs {
  'card.put-off': {
    readonly card: CardName;
    readonly set?: string;
    readonly words: string;
    readonly until?: string;
  };
  /** In hand again. */
  'card.taken-up': { readonly card: CardName; readonly set?: string };
}

/** By card, as `cardKey` writes it. */
export type PutOffState = Readonly<Record<string, PutOff>>;
