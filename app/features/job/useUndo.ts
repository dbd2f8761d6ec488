import type { CardName } from '@cardinex/core/job/facts/cardName';
import { lastActOf } from '@cardinex/core/job/decideAware';
import { mayBeOn } from '@cardinex/core/job/cardOf';
import type { ActType, LoggedAct } from '@cardinex/core/job/act';
import { undoHint } from '@cardinex/words/acts';
import { useUnits } from '../../device/preferences';
import { useBench } from '../../session/SessionProvider';
import type { CardActs } from './ActBar';
import { useJob } from './JobProvider';

/**
 * One's own last act, if it is of the card in hand, and the undoing of it, named: what was done on
 * another card is not undone from here, out of sight.
 * @param card the card in hand: acts of other cards are not of it, whatever they are
 * @param isHere is it of what is in sight, where a card shows one thing of several?
 */
export function useUndo(
  ofCard: ReadonlySet<ActType>,
  card?: CardName,
  isHere: (act: LoggedAct) => boolean = () => true,
): { readonly last: LoggedAct | undefined; readonly undo: CardActs['undo'] } {
  const job = useJob();
  const { state, sheet, record } = job;
  const { member } = useBench();
  const units = useUnits();
  const newest = lastActOf(job, member.id);
  const last =
    newest &&
    ofCard.has(newest.type) &&
    (card === undefined || mayBeOn(card, newest, sheet)) &&
    isHere(newest)
      ? newest
      : undefined;
  return {
    last,
    undo: last
      ? {
          what: undoHint(last, sheet, units, state),
          onPress: () => void record('struck', { target: last.id }),
        }
      : null,
  };
}
