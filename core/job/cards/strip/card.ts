import { oneEntry, type Card } from '../../kit/card';
import { pieceRef } from '../../pieceRef';
import { DONE, openFor } from '../../standing';
import { oldBoltsOf, stripNext } from './view';

/** Taken off piece by piece, each marked and slackened before it, and the old bolts counted. */
export const stripCard: Card<'strip'> = {
  name: 'strip',
  canBeLeftOut: true,
  places: [],
  entries: () => oneEntry('strip'),
  stands: ({ sheet, state, now }) => {
    const next = stripNext(sheet, state, now);
    if (next?.step.kind === 'slacken') {
      const { set, name } = next.step.run;
      const instance = set.instances.length > 1 ? { instance: name.instance } : {};
      return openFor({ code: 'to-slacken', set: set.name, ...instance });
    }
    if (next) return openFor({ code: 'to-take-off', piece: pieceRef(sheet, next.group.piece.id) });
    const counted = oldBoltsOf(sheet).every(({ key }) => state.oldBolts[key]);
    return counted ? DONE : openFor({ code: 'to-count' });
  },
};
