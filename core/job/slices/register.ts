import { decideTimingPinOut } from '../cards/timing/rules';
import type { ActOf } from '../act';
import type { DecideContext } from '../decideContext';
import type { RegisterActs } from '../facts/register';
import type { Slice } from '../kit/slice';
import { ANY_HAND } from '../roles';
import type { JobState } from '../state';
import { refused, type Verdict } from '../verdict';

/** What is put into an engine for a while, and taken out again. */
export const registerSlice: Slice<'register', keyof RegisterActs> = {
  name: 'register',
  empty: [],
  acts: {
    'thing.put-in': { nature: 'fact', roles: ANY_HAND, card: () => null },
    'thing.taken-out': {
      nature: 'fact',
      roles: ANY_HAND,
      card: () => null,
      decide: decideTakenOut,
    },
  },
  evolve: {
    'thing.put-in': (things, { data: { thing: id, ...said }, at, by, seq }) => [
      ...things,
      { id, ...said, putIn: { at, by, seq }, takenOut: null },
    ],
    'thing.taken-out': (things, { data, at, by }) =>
      things.map((thing) =>
        thing.id === data.thing && !thing.takenOut ? { ...thing, takenOut: { at, by } } : thing,
      ),
  },
};

/** It is in; the tensioner's pin comes out last. */
function decideTakenOut(
  state: JobState,
  act: ActOf<'thing.taken-out'>,
  context: DecideContext,
): Verdict {
  const thing = state.register.find(({ id }) => id === act.data.thing);
  if (!thing) return refused('unknown-thing');
  if (thing.takenOut) return refused('already-out', { what: thing.what });
  return decideTimingPinOut(state, act, context);
}
