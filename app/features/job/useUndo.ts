import { lastActOf } from '@cardinex/core/job/decide';
import type { ActType, LoggedAct } from '@cardinex/core/job/act';
import { useBench } from '../../session/SessionProvider';
import { useJob } from './JobProvider';

/**
 * One's own last act, if it is of the card in hand, and the undoing of it: what was done on another
 * card is not undone from here, out of sight.
 */
export function useUndo(ofCard: ReadonlySet<ActType>): {
  readonly last: LoggedAct | undefined;
  readonly undo: () => void;
} {
  const { state, record } = useJob();
  const { member } = useBench();
  const newest = lastActOf(state, member.id);
  const last = newest && ofCard.has(newest.type) ? newest : undefined;
  return {
    last,
    undo: () => {
      if (last) void record('struck', { target: last.id });
    },
  };
}
