import { checkedStanding, hasChecks } from './standing';
import type { CheckCard } from './check';
import { oneEntry, type Card } from '../kit/card';

/**
 * A card that is a list of checks and no more: on every job that has any of them.
 * @param places the figures of the sheet it works by
 */
export function checkedCard<N extends CheckCard>(name: N, places: Card['places']): Card<N> {
  return {
    name,
    canBeLeftOut: true,
    places,
    entries: ({ sheet }) => oneEntry(name, hasChecks(sheet, name)),
    stands: ({ sheet, state }) => checkedStanding(sheet, state, name),
  };
}
