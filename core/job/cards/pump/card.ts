import { oneEntry, type Card } from '../../kit/card';
import { DONE, openFor } from '../../standing';
import { neededOn } from '../fit/neededOn';
import { pumpChecks } from './checks';
import { pumpView } from './view';

/** Pump or ignition set to cylinder 1's firing stroke, and looked at again after two turns. */
export const pumpCard: Card<'pump'> = {
  name: 'pump',
  canBeLeftOut: true,
  places: ['timing'],
  entries: ({ sheet }) => oneEntry('pump', pumpChecks(sheet).length > 0),
  waitsFor: ({ sheet, state }) => neededOn(sheet, state, ['time-pump']),
  stands: ({ sheet, state }) => {
    const view = pumpView(sheet, state);
    if (!view?.next) return DONE;
    return openFor({ code: 'pump-next', step: view.next }, view.failed !== null);
  },
};
