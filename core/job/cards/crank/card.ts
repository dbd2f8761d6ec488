import { checkedStanding, hasChecks } from '../../checks/standing';
import { oneEntry, type Card } from '../../kit/card';

/** The crank laid in: its float, the camshaft, the tappets. */
export const crankCard: Card<'crank'> = {
  name: 'crank',
  canBeLeftOut: true,
  places: ['journals'],
  entries: ({ sheet }) => oneEntry('crank', hasChecks(sheet, 'crank')),
  stands: ({ sheet, state }) => checkedStanding(sheet, state, 'crank'),
};
