import { checkedStanding, hasChecks } from '../../checks/standing';
import { oneEntry, type Card } from '../../kit/card';

/** Heads built on the bench. */
export const headBuildCard: Card<'head-build'> = {
  name: 'head-build',
  canBeLeftOut: true,
  places: [],
  entries: ({ sheet }) => oneEntry('head-build', hasChecks(sheet, 'head-build')),
  stands: ({ sheet, state }) => checkedStanding(sheet, state, 'head-build'),
};
