import type { Act } from './act';
import type { CardPlace } from './kit/cardPlace';
import { ruleOf } from './rules';
import type { JobSheet } from './scope';
import type { CardName } from './facts/cardName';

/** Which card of a job's tray an act belongs to; null for acts that belong to none, or that mend any. */
export function cardOf(act: Act, sheet: JobSheet): CardPlace | null {
  return ruleOf(act).card(act.data, sheet);
}

/** May an act have been made on a card: is it of that card, or of none? */
export function mayBeOn(card: CardName, act: Act, sheet: JobSheet): boolean {
  const place = cardOf(act, sheet);
  return place === null || place.card === card;
}
