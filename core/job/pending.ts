import type { Pending } from './pendingState';
import type { LoggedAct, Waits } from './act';
import { cardOf, runCard, type CardPlace } from './cardOf';
import { readKey } from './run/runKey';
import type { JobSheet } from './scope';
import type { JobState } from './state';

/** Facts came to light that a decision had not known of. */
export function unseenBy(unseen: readonly string[]): Waits {
  return { why: { code: 'facts-unseen', facts: { count: unseen.length } }, unseen };
}

/** Those that wait still, oldest first. */
export function waitingDecisions({ pending }: Pick<JobState, 'pending'>): readonly Pending[] {
  return Object.values(pending).filter(({ decided }) => decided === null);
}

/** The card that waits with a decision; null for one that is about the whole job. */
export function cardOfDecision(
  { act }: Pending,
  state: JobState,
  sheet: JobSheet,
): CardPlace | null {
  switch (act.type) {
    case 'contest.decided':
      return runCard(readKey(act.data.key).run);
    case 'card.left-out':
      return act.data.card === 'covering' ? { card: 'tighten' } : { card: act.data.card };
    case 'struck': {
      const target = state.log.find(({ id }) => id === act.data.target);
      return target ? cardOf(target, sheet) : null;
    }
    default:
      return cardOf(act, sheet);
  }
}

/** The first decision that a card waits for. */
export function pendingOn(
  state: JobState,
  sheet: JobSheet,
  { card, set }: { readonly card: string; readonly set?: { readonly id: string } | null },
): Pending | undefined {
  return waitingDecisions(state).find((pending) => {
    const place = cardOfDecision(pending, state, sheet);
    return place?.card === card && (place.set === undefined || place.set === set?.id);
  });
}

/** Does an act still rest on a decision that waits, or that was dropped? */
export function isWithoutGround(state: Pick<JobState, 'pending'>, act: LoggedAct): boolean {
  return (
    act.behindRefused === true ||
    (act.ground ?? []).some((id) => !state.pending[id]?.decided?.holds)
  );
}
