import type { JobLog } from '@cardinex/contract/api';
import { headSeq } from '@cardinex/core/job/state';
import { ProblemError } from '../problems/problem';
import { sheetRevision } from '../sheets/sheets';
import type { JobCache } from './jobCache';

/**
 * A job of a shop as it stands, with the revision it is pinned to.
 * @throws ProblemError 404 when the shop has no such job
 */
export async function openJob(cache: JobCache, shopId: string, id: string) {
  const state = await cache.load(shopId, id);
  const pinned = state.opened?.sheet;
  const sheet = pinned ? await sheetRevision(shopId, pinned.id, pinned.revision) : null;
  if (headSeq(state) === 0 || !sheet) throw new ProblemError(404, 'no-such-job');
  return { log: state.log as JobLog['events'], state, sheet };
}
