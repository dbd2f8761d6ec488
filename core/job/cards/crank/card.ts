import { checkedCard } from '../../checks/checkedCard';
import type { Card } from '../../kit/card';
import { offOfKind } from '../../scope';
import { waitsForFit } from '../fit/standing';

/** The crank laid in and its caps down: its float, the camshaft, the tappets. */
export const crankCard: Card<'crank'> = {
  ...checkedCard('crank', ['journals']),
  // Caps that have no set of their own go on as any other piece does.
  waitsFor: ({ sheet, state }) => {
    const caps = offOfKind(sheet, 'bearing-cap').filter(({ over }) => over.bearings);
    return waitsForFit(
      sheet,
      state,
      caps.map(({ id }) => id),
    );
  },
};
