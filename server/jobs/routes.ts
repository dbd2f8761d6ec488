import { Router } from 'express';
import { z } from 'zod';
import { batchSchema } from '@cardinex/contract/acts/act';
import type { JobLog } from '@cardinex/contract/api';
import { uuid } from '@cardinex/contract/text';
import { isFreshProof } from '@cardinex/core/job/proof';
import { sheetOfJob } from '@cardinex/core/job/sheetOfJob';
import { afterHeatCalendar } from '../calendar/afterHeat';
import type { LiveHub } from '../live/hub';
import { parse } from '../problems/problem';
import { rolesOn } from '../session/proofs';
import { signedIn, type SignedIn } from '../session/session';
import { appendActs } from './appendActs';
import type { Sender } from './appending';
import { boardOf, readCursor } from './board';
import type { JobCache } from './jobCache';
import { openJob } from './openJob';
import { earlierOverhauls } from './overhauls';
import { outcomesText } from './outcomesText';
import { jobRecord } from './record';

const boardQuery = z.strictObject({ finishedBefore: z.string().max(80).optional() });

export function jobRoutes(cache: JobCache, hub: LiveHub): Router {
  const routes = Router();

  routes.get('/jobs', async (request, response) => {
    const { shopId } = signedIn(request);
    const { finishedBefore } = parse(boardQuery, request.query);
    const before = finishedBefore === undefined ? null : readCursor(finishedBefore);
    response.json(await boardOf(cache, shopId, before));
  });

  routes.get('/jobs/:id', async (request, response) => {
    const { shopId } = signedIn(request);
    const id = parse(uuid, request.params.id);
    const { log, sheet } = await openJob(cache, shopId, id);
    response.json({ id, sheet, events: log } satisfies JobLog);
  });

  routes.get('/jobs/:id/overhauls', async (request, response) => {
    const { shopId } = signedIn(request);
    const id = parse(uuid, request.params.id);
    response.json({ overhauls: await earlierOverhauls(cache, shopId, id) });
  });

  routes.get('/jobs/:id/record.json', async (request, response) => {
    const { shopId } = signedIn(request);
    const id = parse(uuid, request.params.id);
    const job = await openJob(cache, shopId, id);
    response.attachment(`cardinex-${id}.json`).json(await jobRecord(shopId, { id, ...job }));
  });

  routes.get('/jobs/:id/after-heat.ics', async (request, response) => {
    const { shopId } = signedIn(request);
    const id = parse(uuid, request.params.id);
    const { state, sheet } = await openJob(cache, shopId, id);
    response
      .type('text/calendar; charset=utf-8')
      .attachment('after-heat.ics')
      .send(afterHeatCalendar(id, sheetOfJob(sheet.sheet, state), state));
  });

  routes.post('/jobs/:id/acts', async (request, response) => {
    const who = signedIn(request);
    const id = parse(uuid, request.params.id);
    const { acts, sentAt, waitedMs, behindRefused } = parse(batchSchema, request.body);
    const receivedAt = new Date();
    const sender = await senderOf(who, receivedAt.toISOString());
    const batch = { acts, sentAt, receivedAt, waitedMs, behindRefused };
    const outcomes = await appendActs(cache, sender, id, batch);
    response.type('json').send(outcomesText(outcomes));
    if (outcomes.outcomes.some((outcome) => outcome.status === 'accepted')) {
      hub.tell({ shopId: who.shopId, streamId: id, seq: outcomes.headSeq });
    }
  });

  return routes;
}

/** The members who may act from this device, in the roles they have now. */
async function senderOf(who: SignedIn, now: string): Promise<Sender> {
  const roles = await rolesOn(who);
  return {
    shopId: who.shopId,
    device: who.device,
    member: (id) => {
      const member = roles.get(id);
      if (!member) return null;
      const { role, provedAt } = member;
      return { role, provedAt, fresh: isFreshProof(provedAt, now) };
    },
  };
}
