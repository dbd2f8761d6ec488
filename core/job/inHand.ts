import { memoizeByPair } from '../sheet/memoize';
import { cardOf } from './cardOf';
import { cardKey, type CardPlace } from './kit/cardPlace';
import type { JobLog } from './log';
import type { JobSheet } from './scope';

/** Who last did something on a card, and when. */
interface LastHand {
  readonly by: string;
  readonly at: string;
}

/** Left for longer, a card is in nobody's hand. */
const LEFT_AFTER_MS = 30 * 60_000;

/** Nobody does more than this within half an hour; what was done before is of no interest. */
const MOST_ACTS = 400;

/**
 * Who has a card in hand: whoever did something on it last, within the last half hour; undefined where nobody did. It says
 * who was seen at it, not that nobody else is.
 * @param now ISO time
 */
export function handOn(
  log: JobLog,
  sheet: JobSheet,
  place: CardPlace,
  now: string,
): LastHand | undefined {
  const last = lastHands(log, sheet).get(cardKey(place));
  return last && Date.parse(now) - Date.parse(last.at) <= LEFT_AFTER_MS ? last : undefined;
}

const lastHands = memoizeByPair((log: JobLog, sheet: JobSheet): ReadonlyMap<string, LastHand> => {
  const last = new Map<string, LastHand>();
  for (const act of log.from(Math.max(0, log.length - MOST_ACTS))) {
    const place = cardOf(act, sheet);
    if (place) last.set(cardKey(place), { by: act.by, at: act.at });
  }
  return last;
});
