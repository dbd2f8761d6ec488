import type { FastenedSetName } from '../standing';

/** What an entry of a list of cards is told by. */
interface Told {
  readonly card: string;
  readonly set?: FastenedSetName | null;
}

/**
 * The entry for a card, and for its set or piece where it has one for each; undefined where there is none, as for what
 * only stands beside the cards.
 */
export function entryOf<E extends Told>(
  entries: readonly E[],
  { card, set }: { readonly card: string; readonly set?: string | undefined },
): E | undefined {
  return entries.find(
    (entry) => entry.card === card && (set === undefined || entry.set?.id === set),
  );
}
