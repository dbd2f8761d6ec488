import { checkedStanding, hasChecks } from '../../checks/standing';
import { oneEntry, type Card } from '../../kit/card';

/** Shells laid in, and their clearances. */
export const shellsCard: Card<'shells'> = {
  name: 'shells',
  canBeLeftOut: true,
  places: ['journals'],
  entries: ({ sheet }) => oneEntry('shells', hasChecks(sheet, 'shells')),
  stands: ({ sheet, state }) => checkedStanding(sheet, state, 'shells'),
};
