import express, { Router } from 'express';
import { z } from 'zod';
import { uuid } from '@cardinex/contract/text';
import { PhotographRow } from '../database/models';
import type { JobCache } from '../jobs/jobCache';
import { openJob } from '../jobs/openJob';
import { ProblemError, parse } from '../problems/problem';
import { signedIn } from '../session/session';
import { sha256 } from '../sha256';
import { madeAnew } from './picture';

const MOST_BYTES = '3mb';
const query = z.strictObject({ size: z.enum(['small', 'full']).default('full') });

/** Pictures of a job: the log tells of each before it comes, and which it must be. */
export function photographRoutes(cache: JobCache): Router {
  const routes = Router();
  const jpeg = express.raw({ type: 'image/jpeg', limit: MOST_BYTES });

  routes.put('/jobs/:id/photographs/:photograph', jpeg, async (request, response) => {
    const { shopId } = signedIn(request);
    const jobId = parse(uuid, request.params.id);
    const photographId = parse(uuid, request.params.photograph);
    const { state } = await openJob(cache, shopId, jobId);
    const told = state.photographs.find(({ id }) => id === photographId);
    if (!told) throw new ProblemError(404, 'no-such-photograph');
    const sent: unknown = request.body;
    if (!Buffer.isBuffer(sent) || sent.length === 0)
      throw new ProblemError(422, 'not-a-photograph');
    if (sha256(sent) !== told.sha256) {
      throw new ProblemError(422, 'other-photograph');
    }
    const where = { shopId, jobId, photographId };
    // Sent twice because an answer was lost: the first is kept.
    if ((await PhotographRow.count({ where })) === 0) {
      const made = await madeAnew(sent);
      await PhotographRow.create(
        { ...where, sentSha256: told.sha256, ...made, receivedAt: new Date() },
        { ignoreDuplicates: true },
      );
    }
    response.status(204).end();
  });

  routes.get('/jobs/:id/photographs/:photograph', async (request, response) => {
    const { shopId } = signedIn(request);
    const jobId = parse(uuid, request.params.id);
    const photographId = parse(uuid, request.params.photograph);
    const { size } = parse(query, request.query);
    const column = size === 'small' ? ('small' as const) : ('picture' as const);
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
  });

  return routes;
}
