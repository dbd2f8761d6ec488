import { overhaulOf, type Overhaul } from '@cardinex/core/job/overhauls';
import type { JobCache } from './jobCache';
import { openJob } from './openJob';

/** What earlier jobs of the same shop found of one engine: the same sheet, the same serial, opened before. */
export async function earlierOverhauls(
  cache: JobCache,
  shopId: string,
  id: string,
): Promise<readonly Overhaul[]> {
  const { state } = await openJob(cache, shopId, id);
  const { opened } = state;
  if (!opened) return [];
  const jobs = await cache.loadMany(shopId, {
    openedAs: { sheet: opened.sheet.id, serial: opened.serial },
  });
  return jobs
    .flatMap(({ id: other, job }) => (job ? [{ id: other, state: job.state }] : []))
    .filter(
      ({ id: other, state: { opened: before } }) =>
        other !== id && before !== null && Date.parse(before.at) < Date.parse(opened.at),
    )
    .flatMap((job) => overhaulOf(job.id, job.state) ?? []);
}
