import { checkedStanding, hasChecks } from '../../checks/standing';
import { oneEntry, type Card } from '../../kit/card';

/** Pistons on their rods, weighed, ringed and put in. */
export const pistonsCard: Card<'pistons'> = {
  name: 'pistons',
  canBeLeftOut: true,
  places: ['pistons'],
  entries: ({ sheet }) => oneEntry('pistons', hasChecks(sheet, 'pistons')),
  stands: ({ sheet, state }) => checkedStanding(sheet, state, 'pistons'),
};
