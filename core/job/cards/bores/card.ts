import { checkedStanding, hasChecks } from '../../checks/standing';
import { oneEntry, type Card } from '../../kit/card';

/** Bores honed, washed and oiled before anything goes in. */
export const boresCard: Card<'bores'> = {
  name: 'bores',
  canBeLeftOut: true,
  places: ['bores'],
  entries: ({ sheet }) => oneEntry('bores', hasChecks(sheet, 'bores')),
  stands: ({ sheet, state }) => checkedStanding(sheet, state, 'bores'),
};
