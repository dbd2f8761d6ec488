import { z } from 'zod';
import type { Board } from '@cardinex/contract/jobs/board';
import { uuid } from '@cardinex/contract/text';
import { summaryOf, type JobSummary } from '@cardinex/core/job/summary';
import { boundDatabase } from '../database/models';
import { parse } from '../problems/problem';
import { sheetRevision } from '../sheets/sheets';
import type { JobCache, LoadedJob } from './jobCache';

/** How many finished jobs are answered at a time. */
const FINISHED_AT_ONCE = 20;

/** Where the finished jobs go on: those begun before this one. */
interface Cursor {
  readonly begunAt: Date;
  readonly id: string;
}

/**
 * The board of a shop: its open jobs and the finished ones begun last, or those before a cursor.
 *
 * One query in most cases. That a job is finished follows from its whole log, so it is written beside
 * its head when it is first found so: from then on a finished job is read only when its page is.
 */
export async function boardOf(
  cache: JobCache,
  shopId: string,
  before: Cursor | null,
): Promise<Board> {
  const most = FINISHED_AT_ONCE + 1;
  const loaded = await cache.loadMany(
    shopId,
    before ? { finishedBefore: before, most } : { openAnd: most },
  );
  const now = new Date().toISOString();
  const all = await Promise.all(loaded.map((job) => summed(shopId, job, now)));
  await writeFinished(shopId, all);
  const open = all.filter(({ summary }) => summary && !summary.finished);
  const finished = all.filter(({ summary }) => summary?.finished);
  const page = finished.slice(0, FINISHED_AT_ONCE);
  return {
    jobs: [...open, ...page].flatMap(({ summary }) => summary ?? []),
    moreFinished: finished.length > page.length ? cursorTo(page.at(-1)) : null,
    damaged: loaded.filter(({ job }) => job === null).map(({ id }) => id),
  };
}

interface Summed {
  readonly job: LoadedJob;
  readonly summary: JobSummary | null;
}

async function summed(shopId: string, job: LoadedJob, now: string): Promise<Summed> {
  const pinned = job.job?.state.opened?.sheet;
  const revision = pinned ? await sheetRevision(shopId, pinned.id, pinned.revision) : null;
  const summary = revision && job.job ? summaryOf(job.id, revision.sheet, job.job, now) : null;
  return { job, summary };
}

/** Writes down which jobs were found finished, or open again, that were not known to be. */
async function writeFinished(shopId: string, all: readonly Summed[]): Promise<void> {
  const found = all.flatMap(({ job, summary }) => {
    if (!summary) return [];
    const { id, headSeq, finished } = summary;
    return finished === (job.finishedSeq === headSeq) ? [] : [{ id, headSeq, finished }];
  });
  if (found.length === 0) return;
  // Where a log has grown meanwhile, what was found is of its former head and says nothing of this.
  await boundDatabase().query(
    `UPDATE streams SET finished_seq = CASE WHEN found.finished THEN found.head_seq END
       FROM unnest($2::uuid[], $3::int[], $4::boolean[]) AS found (stream_id, head_seq, finished)
      WHERE shop_id = $1 AND stream_kind = 'job' AND streams.stream_id = found.stream_id`,
    {
      bind: [
        shopId,
        found.map(({ id }) => id),
        found.map(({ headSeq }) => headSeq),
        found.map(({ finished }) => finished),
      ],
    },
  );
}

function cursorTo(last: Summed | undefined): string | null {
  return last ? `${last.job.begunAt.toISOString()}~${last.job.id}` : null;
}

/**
 * Reads what was answered as `moreFinished`.
 * @throws ProblemError 422 for anything else
 */
export function readCursor(text: string): Cursor {
  const [begunAt, id] = text.split('~');
  const cursor = z.object({ begunAt: z.coerce.date(), id: uuid });
  return parse(cursor, { begunAt, id });
}
