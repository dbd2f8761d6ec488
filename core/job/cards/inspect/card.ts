import { checkedStanding } from '../../checks/standing';
import { once, type Card } from '../../kit/card';

/** What came off looked over and measured. */
export const inspectCard: Card<'inspect'> = {
  name: 'inspect',
  canBeLeftOut: true,
  places: [],
  entries: () => once('inspect'),
  stands: ({ sheet, state }) => checkedStanding(sheet, state, 'inspect'),
};
