import { checkedStanding, hasChecks } from '../../checks/standing';
import { once, type Card } from '../../kit/card';

/** The crank laid in: its float, the camshaft, the tappets. */
export const crankCard: Card<'crank'> = {
  name: 'crank',
  canBeLeftOut: true,
  places: ['journals'],
  entries: ({ sheet }) => once('crank', hasChecks(sheet, 'crank')),
  stands: ({ sheet, state }) => checkedStanding(sheet, state, 'crank'),
};
