import { oneEntry, type Card } from '../../kit/card';
import { runDone } from '../../run/runView';
import { DONE, openFor } from '../../standing';
import { oldBoltsOf, partedOf, stripRuns } from './view';

/** Slackened, taken off, and the old bolts counted. */
export const stripCard: Card<'strip'> = {
  name: 'strip',
  canBeLeftOut: true,
  places: [],
  entries: () => oneEntry('strip'),
  stands: ({ sheet, state, now }) => {
    const next = stripRuns(sheet, state, now).find((run) => !runDone(run));
    if (next) {
      const { set, name } = next;
      const instance = set.instances.length > 1 ? { instance: name.instance } : {};
      return openFor({ code: 'to-slacken', set: set.name, ...instance });
    }
    if (partedOf(sheet, state).some((part) => !part.off)) return openFor({ code: 'to-take-off' });
    const counted = oldBoltsOf(sheet).every(({ key }) => state.oldBolts[key]);
    return counted ? DONE : openFor({ code: 'to-count' });
  },
};
