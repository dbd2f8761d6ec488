import { ProblemError } from '../problems/problem';
import { sheetRevision } from '../sheets/sheets';
import { eventsOf, type JobCache } from './jobCache';

/**
 * A job of a shop as it stands, with the revision it is pinned to.
 * @throws ProblemError 404 when the shop has no such job
 */
export async function openJob(cache: JobCache, shopId: string, id: string) {
  const job = await cache.load(shopId, id);
  const { state } = job;
  const pinned = state.opened?.sheet;
  const sheet = pinned ? await sheetRevision(shopId, pinned.id, pinned.revision) : null;
  if (job.log.length === 0 || !sheet) throw new ProblemError(404, 'no-such-job');
  return { log: eventsOf(job), state, sheet };
}
