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
    'temporary-part.put-in': { nature: 'fact', roles: ANY_HAND, card: () => null },
    'temporary-part.taken-out': {
      nature: 'fact',
      roles: ANY_HAND,
      card: () => null,
      decide: decideTakenOut,
    },
  },
  evolve: {
    'temporary-part.put-in': (parts, { data: { part: id, ...said }, at, by, seq }) => [
      ...parts,
      { id, ...said, putIn: { at, by, seq }, takenOut: null },
    ],
    'temporary-part.taken-out': (temporaryParts, { data, at, by }) =>
      temporaryParts.map((part) =>
        part.id === data.part && !part.takenOut ? { ...part, takenOut: { at, by } } : part,
      ),
  },
};

/** It is in; the tensioner's pin comes out last. */
function decideTakenOut(
  state: JobState,
  act: ActOf<'temporary-part.taken-out'>,
  context: DecideContext,
): Verdict {
  const part = state.register.find(({ id }) => id === act.data.part);
  if (!part) return refused('unknown-temporary-part');
  if (part.takenOut) return refused('already-out', { what: part.what });
  return decideTimingPinOut(state, act, context);
}
