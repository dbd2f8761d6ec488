import { cribDoubts } from '../../crib';
import { oneEntry, type Card } from '../../kit/card';
import { temporaryPartName, temporaryPartsIn } from '../../register';
import { DONE, openFor, waitingFor, type Standing } from '../../standing';
import type { JobState } from '../../state';

/** Why the engine failed: no job closes without it. */
export const causeCard: Card<'cause'> = {
  name: 'cause',
  places: [],
  entries: () => oneEntry('cause'),
  stands: ({ state }, _, { entries, stands }) =>
    causeStanding(
      entries.every((other) => other.card === 'cause' || stands(other).status === 'done'),
      state,
    ),
};

/**
 * The last of all: open from the day the job is, asked for when nothing else is left.
 * @param rest whether every other card is done
 */
export function causeStanding(
  rest: boolean,
  { cause, register, crib, remarks }: Pick<JobState, 'cause' | 'register' | 'crib' | 'remarks'>,
): Standing {
  const inside = temporaryPartsIn(register).map(temporaryPartName);
  if (rest && inside.length > 0) {
    return waitingFor({ code: 'temporary-parts-in', parts: inside }, true);
  }
  const wrenches = cribDoubts({ crib });
  if (rest && wrenches.length > 0) {
    return waitingFor({ code: 'crib-disagrees', wrenches }, true);
  }
  const left = remarks.filter(({ closed }) => !closed).length;
  if (rest && left > 0) return waitingFor({ code: 'remarks-open', count: left }, true);
  if (cause) return DONE;
  if (rest) return openFor({ code: 'cause-to-answer' });
  return waitingFor({ code: 'cause-last' });
}
