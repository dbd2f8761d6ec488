import { oneEntry, type Card } from '../../kit/card';
import { SETTING_ACTS } from '../../../sheet/spec/assembly';
import { neededOn } from '../fit/neededOn';
import { valvesLack } from '../../lacks';
import { lackingStanding, openFor } from '../../standing';
import { losesGaps } from '../../scope';
import { crankHeld, missingFor } from '../../waits';
import { overheadView } from './view';

/** All of the overhead set cold, position by position. */
export const valvesCard: Card<'valves'> = {
  name: 'valves',
  places: ['overhead', 'rotation', 'firing'],
  entries: ({ sheet }) => oneEntry('valves', losesGaps(sheet)),
  lacks: ({ sheet }) => valvesLack(sheet),
  waitsFor: (job) => [
    ...neededOn(job.sheet, job.state, SETTING_ACTS),
    ...missingFor(job.sheet, job.state, { card: 'valves' }),
    ...crankHeld(job.sheet, job.state, () => job.now),
  ],
  stands: ({ sheet, state }) => {
    const view = overheadView(sheet, state.valves, state.crank, 'cold');
    if (!view) return lackingStanding(valvesLack(sheet));
    const { doneCount: done, provisional } = view;
    const total = view.items.length;
    if (view.again === 'due') return openFor({ code: 'gaps-again' });
    if (done < total) return openFor({ code: 'valves-set', done, total });
    return { status: 'done', reason: { code: 'all-done', provisional }, needsAttention: false };
  },
};
