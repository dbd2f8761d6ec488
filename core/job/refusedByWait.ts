import type { Wait } from './trayReason';
import { refused, type Verdict } from './verdict';

/** Why an act is refused whose step waits for this: the card that comes first, or how the engine has to stand. */
export function refusedByWait(wait: Wait | undefined): Verdict | null {
  if (wait?.code === 'turn-over') return refused('turn-over-first', { to: wait.to });
  if (wait?.code !== 'card-first') return null;
  const { card, set } = wait;
  return refused('card-before', { card, ...(set !== undefined && { set }) });
}
