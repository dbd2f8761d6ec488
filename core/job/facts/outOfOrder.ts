import type { AssemblyAct, StandsHow } from '../../sheet/spec/assembly';
import type { CureBars } from '../../sheet/spec/joint';
import type { CardName } from './cardName';

/**
 * What a card was to wait for: another card, done first, or not to be shut in; a part that is not here; the engine
 * to stand some other way; what lies under a piece, by its name, to set.
 */
export type PassedWait =
  | { readonly card: CardName; readonly set?: string; readonly shuts?: AssemblyAct }
  | { readonly part: string }
  | { readonly turnOver: StandsHow }
  | { readonly clock: string; readonly bars: CureBars };

/** A card gone on with although something should have come first, and why. */
export interface OutOfOrder {
  readonly despite: readonly PassedWait[];
  readonly words: string;
  readonly at: string;
  readonly by: string;
}

export interface OutOfOrderActs {
  /** A card taken out of its order. What hurts people is never among what it passes over. */
  'card.out-of-order': {
    readonly card: CardName;
    readonly set?: string;
    readonly despite: readonly PassedWait[];
    readonly words: string;
  };
}

/** By card, as `cardKey` writes it. */
export type OutOfOrderState = Readonly<Record<string, readonly OutOfOrder[]>>;
