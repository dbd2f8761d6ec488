import { oneEntry, type Card } from '../../kit/card';
import { valvesLack } from '../../lacks';
import { DONE, lackingStanding, openFor, waitingFor } from '../../standing';
import { losesGaps } from '../../scope';
import { crankHeld, stillIn } from '../../waits';
import { cureWaits } from '../fit/clocks';
import { waitsForFit } from '../fit/standing';
import { wayShut } from '../fit/way';
import { overheadView } from '../valves/view';

/** Gaps that were set cold from hot figures, felt once more with the engine hot. */
export const recheckCard: Card<'recheck'> = {
  name: 'recheck',
  places: ['overhead', 'rotation', 'firing'],
  entries: ({ sheet, state }) =>
    oneEntry(
      'recheck',
      losesGaps(sheet) &&
        valvesLack(sheet).length === 0 &&
        overheadView(sheet, state.valves, state.crank, 'cold')?.provisional === true,
    ),
  waitsFor: (job) => {
    const { sheet, state } = job;
    const now = (): string => job.now;
    return [
      ...(state.valves.recheckBegun
        ? wayShut(sheet, state, 'set-valves-hot')
        : [
            ...waitsForFit(sheet, state, sheet.comesOff.back),
            ...stillIn(state, 'start'),
            ...cureWaits(sheet, state, 'run', now),
          ]),
      ...crankHeld(sheet, state, now),
    ];
  },
  stands: ({ sheet, state }) => {
    if (!state.valves.recheckBegun) {
      return waitingFor({ code: 'run-hot-first' });
    }
    const view = overheadView(sheet, state.valves, state.crank, 'hot');
    if (!view) return lackingStanding(valvesLack(sheet));
    const total = view.items.length;
    return view.doneCount === total
      ? DONE
      : openFor({ code: 'valves-set', done: view.doneCount, total });
  },
};
