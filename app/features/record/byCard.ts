import type { LoggedAct } from '@cardinex/core/job/act';
import { cardOf } from '@cardinex/core/job/cardOf';
import { cardKey, type CardPlace } from '@cardinex/core/job/kit/cardPlace';
import type { JobSheet } from '@cardinex/core/job/scope';

/** What was done on one card at a stretch. */
export interface Stretch {
  /** Null for acts that belong to no card. */
  readonly place: CardPlace | null;
  readonly acts: readonly LoggedAct[];
}

/** Acts by the card they were done on, a new stretch wherever somebody went on to another. */
export function byCard(acts: readonly LoggedAct[], sheet: JobSheet): readonly Stretch[] {
  const stretches: { place: CardPlace | null; key: string; acts: LoggedAct[] }[] = [];
  for (const act of acts) {
    const place = cardOf(act, sheet);
    const key = place ? cardKey(place) : '';
    const last = stretches.at(-1);
    if (last?.key === key) last.acts.push(act);
    else stretches.push({ place, key, acts: [act] });
  }
  return stretches;
}
