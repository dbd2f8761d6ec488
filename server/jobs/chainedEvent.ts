import { createHash } from 'node:crypto';
import type { Act, JobEvent, LoggedAct } from '@cardinex/core/job/act';
import { FIRST_PREVIOUS_HASH, chainText } from '@cardinex/core/job/chain';

/** What is known of an act as it joins the log. */
export type Joining = Omit<LoggedAct, keyof Act> & { readonly receivedAt: string };

/** An act as the log keeps it, chained to the one before. */
export function chainedEvent(act: Act, joining: Joining, headHash: string | null): JobEvent {
  const unhashed = { ...act, ...joining, previousHash: headHash ?? FIRST_PREVIOUS_HASH };
  const hash = createHash('sha256').update(chainText(unhashed), 'utf8').digest('hex');
  return { ...unhashed, hash };
}
