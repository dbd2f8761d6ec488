import { checkedStanding } from '../../checks/standing';
import { oneEntry, type Card } from '../../kit/card';

/** What came off looked over and measured. */
export const inspectCard: Card<'inspect'> = {
  name: 'inspect',
  canBeLeftOut: true,
  places: [],
  entries: () => oneEntry('inspect'),
  stands: ({ sheet, state }) => checkedStanding(sheet, state, 'inspect'),
};
