import type { JobState } from '@cardinex/core/job/state';
import { Stream } from '../database/models';
import type { JobCache } from './jobCache';

/** Every job of a shop as it stands. */
export async function shopJobs(
  cache: JobCache,
  shopId: string,
): Promise<readonly { readonly id: string; readonly state: JobState }[]> {
  const streams = await Stream.findAll({ where: { shopId, streamKind: 'job' }, raw: true });
  return Promise.all(
    streams.map(async ({ streamId: id }) => ({ id, state: await cache.load(shopId, id) })),
  );
}
