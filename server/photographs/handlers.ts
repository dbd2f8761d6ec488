import { PhotographRow } from '../database/models';
import type { JobCache } from '../jobs/jobCache';
import { openJob } from '../jobs/openJob';
import { ProblemError } from '../problems/problem';
import type { Handlers } from '../routes/handler';
import { sha256 } from '../sha256';
import { madeAnew } from './picture';

/** Pictures of a job: the log tells of each before it comes, and which it must be. */
export function photographHandlers(
  cache: JobCache,
): Handlers<
  'GET /api/jobs/{id}/photographs/{photograph}' | 'PUT /api/jobs/{id}/photographs/{photograph}'
> {
  return {
    'PUT /api/jobs/{id}/photographs/{photograph}': async ({
      who: { shopId },
      params,
      body: sent,
    }) => {
      const { id: jobId, photograph: photographId } = params;
      const { state } = await openJob(cache, shopId, jobId);
      const announced = state.photographs.find(({ id }) => id === photographId);
      if (!announced) throw new ProblemError(404, 'no-such-photograph');
      if (!Buffer.isBuffer(sent) || sent.length === 0)
        throw new ProblemError(422, 'not-a-photograph');
      if (sha256(sent) !== announced.sha256) {
        throw new ProblemError(422, 'other-photograph');
      }
      const where = { shopId, jobId, photographId };
      // Sent twice because an answer was lost: the first is kept.
      if ((await PhotographRow.count({ where })) > 0) return;
      const made = await madeAnew(sent);
      await PhotographRow.create(
        { ...where, sentSha256: announced.sha256, ...made, receivedAt: new Date() },
        { ignoreDuplicates: true },
      );
    },

    'GET /api/jobs/{id}/photographs/{photograph}': async ({
      who: { shopId },
      params,
      query,
      response,
    }) => {
      const { id: jobId, photograph: photographId } = params;
      const column = query.size === 'small' ? ('small' as const) : ('picture' as const);
      const found = await PhotographRow.findOne({
        where: { shopId, jobId, photographId },
        attributes: [column],
        raw: true,
      });
      if (!found) throw new ProblemError(404, 'no-such-photograph');
      response
        .type('image/jpeg')
        .set('cache-control', 'private, max-age=31536000, immutable')
        .send(found[column]);
    },
  };
}
