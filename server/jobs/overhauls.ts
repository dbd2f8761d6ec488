import { overhaulOf, type Overhaul } from '@cardinex/core/job/overhauls';
import { Stream } from '../database/models';
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
  const streams = await Stream.findAll({ where: { shopId, streamKind: 'job' }, raw: true });
  const others = await Promise.all(
    streams
      .filter(({ streamId }) => streamId !== id)
      .map(async ({ streamId }) => ({ streamId, state: await cache.load(shopId, streamId) })),
  );
  return others
    .filter(
      ({ state: { opened: other } }) =>
        other?.sheet.id === opened.sheet.id &&
        other.serial === opened.serial &&
        Date.parse(other.at) < Date.parse(opened.at),
    )
    .flatMap((other) => overhaulOf(other.streamId, other.state) ?? []);
}
