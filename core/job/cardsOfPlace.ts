import { CARDS } from './cards/index';
import type { CardPlace } from './kit/cardPlace';
import { pointerSteps } from '../sheet/pointer';

/**
 * The cards that work by what stands at a place of the sheet; none for what is only read.
 * @param place as `core/sheet/place` names it
 */
export function cardsOfPlace(place: string): readonly CardPlace[] {
  const [part, id] = pointerSteps(place);
  const set = id?.startsWith('id=') ? { set: id.slice(3) } : null;
  return Object.values(CARDS)
    .filter(({ places }) => (places as readonly string[]).includes(part ?? ''))
    .flatMap(({ name }): CardPlace[] => {
      if (name !== 'tighten') return [{ card: name }];
      return set ? [{ card: name, ...set }] : [];
    });
}
