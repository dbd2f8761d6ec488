import { oneEntry, type Card } from '../../kit/card';
import { DONE, openFor } from '../../standing';
import { stillLive } from './checks';

/** Everything that could turn the engine, or start it, made dead. */
export const deadCard: Card<'dead'> = {
  name: 'dead',
  places: [],
  entries: () => oneEntry('dead'),
  stands: ({ sheet, state }) => {
    const left = stillLive(sheet, state.checks).length;
    return left === 0 ? DONE : openFor({ code: 'to-make-dead', left });
  },
};
