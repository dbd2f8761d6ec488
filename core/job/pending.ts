import type { Pending } from './pendingState';
import type { Act, LoggedAct, Waits } from './act';
import { cardOf } from './cardOf';
import type { CardPlace } from './kit/cardPlace';
import { ruleOf } from './rules';
import type { JobSheet } from './scope';
import type { JobState } from './state';

/** Facts came to light that a decision had not known of. */
export function unseenBy(unseen: readonly string[]): Waits {
  return { why: { code: 'facts-unseen', count: unseen.length }, unseen };
}

/** Those that wait still, oldest first. */
export function waitingDecisions({ pending }: Pick<JobState, 'pending'>): readonly Pending[] {
  return Object.values(pending).filter(({ decided }) => decided === null);
}

/** The card that waits with a decision; null for one that is about the whole job. */
export function cardOfDecision({ act, target }: Pending, sheet: JobSheet): CardPlace | null {
  const rule = ruleOf(act);
  const own = (entry: Act): CardPlace | null => cardOf(entry, sheet);
  if (rule.nature !== 'decision' || !rule.holdsUp) return own(act);
  return rule.holdsUp(act.data, { sheet, target, cardOf: own });
}

/** The first decision that a card waits for. */
export function pendingOn(
  state: Pick<JobState, 'pending'>,
  sheet: JobSheet,
  { card, set }: { readonly card: string; readonly set?: { readonly id: string } | null },
): Pending | undefined {
  return waitingDecisions(state).find((pending) => {
    const place = cardOfDecision(pending, sheet);
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
