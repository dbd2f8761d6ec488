import type { CardName } from '../facts/cardName';

/** A card of a job's tray, and which fastened set, or which piece, where it has one for each. */
export interface CardPlace {
  readonly card: CardName;
  readonly set?: string;
}

/** Where an entry of the tray stands: its set, or its piece, by its id. */
export function placeOf({
  card,
  set,
}: {
  readonly card: CardName;
  readonly set?: { readonly id: string } | null;
}): CardPlace {
  return { card, ...(set && { set: set.id }) };
}

/**
 * The key of a card among the others of its job.
 * @example cardKey({ card: 'fit', set: 'rocker-cover' }) // 'fit/rocker-cover'
 */
export function cardKey({ card, set }: CardPlace): string {
  return set === undefined ? card : `${card}/${set}`;
}
