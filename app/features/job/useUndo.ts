import { lastActOf } from '@cardinex/core/job/decide';
import { isOn } from '@cardinex/core/job/cardOf';
import type { CardName } from '@cardinex/core/job/tray';
import type { ActType, LoggedAct } from '@cardinex/core/job/act';
import { useBench } from '../../session/SessionProvider';
import { useJob } from './JobProvider';

/**
 * One's own last act, if it is of the card in hand, and the undoing of it: what was done on another
 * card is not undone from here, out of sight.
 * @param card the card in hand, where several share their acts
 */
export function useUndo(
  ofCard: ReadonlySet<ActType>,
  card?: CardName,
): {
  readonly last: LoggedAct | undefined;
  readonly undo: () => void;
} {
  const { state, sheet, record } = useJob();
  const { member } = useBench();
  const newest = lastActOf(state, member.id);
  const last = newest && ofCard.has(newest.type) && isOn(card, newest, sheet) ? newest : undefined;
  return {
    last,
    undo: () => {
      if (last) void record('struck', { target: last.id });
    },
  };
}
