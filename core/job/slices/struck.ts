import type { ActOf } from '../act';
import type { RuleContext } from '../decideContext';
import type { StruckActs } from '../facts/struck';
import type { ActsOnActs } from '../kit/slice';
import { lastStrikable } from '../lastAct';
import { ANY_HAND } from '../roles';
import type { JobState } from '../state';
import { ACCEPTED, refused, type Verdict } from '../verdict';

/** Taking an act back: the fold skips what is struck. */
export const struckActs: ActsOnActs<keyof StruckActs> = {
  acts: {
    struck: {
      nature: 'decision',
      roles: ANY_HAND,
      card: () => null,
      restsOn: null,
      holdsUp: (_, { target, cardOf }) => (target ? cardOf(target) : null),
      decide: decideStruck,
      whenParked: true,
      strikable: false,
    },
  },
};

/** One's own last act may be undone without a word; any other correction needs a reason. */
function decideStruck(
  state: JobState,
  { data, by }: ActOf<'struck'>,
  { acts, log }: RuleContext,
): Verdict {
  const target = log.byId(data.target);
  if (!target) return refused('unknown-target');
  if (state.struck[target.id]) return refused('already-struck');
  if (!acts.isStrikable(target)) return refused('not-strikable');
  const last = lastStrikable({ log, state }, by, acts.isStrikable);
  return last?.id === target.id || data.words ? ACCEPTED : refused('words-needed');
}
