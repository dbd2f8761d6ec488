import { Router } from 'express';
import type { Sequelize } from 'sequelize';
import { batchSchema } from '@cardinex/contract/acts/act';
import type { JobLog } from '@cardinex/contract/api';
import { uuid } from '@cardinex/contract/text';
import { sheetOfJob } from '@cardinex/core/job/sheetOfJob';
import type { JobState } from '@cardinex/core/job/state';
import { summaryOf, type JobSummary } from '@cardinex/core/job/summary';
import { afterHeatCalendar } from '../calendar/afterHeat';
import { streamEvents } from '../live/eventStream';
import type { LiveHub } from '../live/hub';
import { parse } from '../problems/problem';
import { rolesOf } from '../session/crewRoles';
import { hasFreshProof, signedIn, type SignedIn } from '../session/session';
import { appendActs, type Sender } from './appendActs';
import type { JobCache } from './jobCache';
import { openJob } from './openJob';
import { earlierOverhauls } from './overhauls';
import { jobRecord } from './record';
import { shopJobs } from './shopJobs';
import { sheetRevision } from '../sheets/sheets';

export function jobRoutes(sequelize: Sequelize, cache: JobCache, hub: LiveHub): Router {
  const routes = Router();

  routes.get('/jobs', async (request, response) => {
    const { shopId } = signedIn(request);
    const now = new Date().toISOString();
    const jobs = await Promise.all(
      (await shopJobs(cache, shopId)).map(({ id, state }) => onBoard(shopId, id, state, now)),
    );
    const newestFirst = jobs
      .filter((job) => job !== null)
      .sort((a, b) => Date.parse(b.openedAt) - Date.parse(a.openedAt));
    response.json({ jobs: newestFirst });
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

  routes.get('/jobs/:id/live', async (request, response) => {
    const { shopId } = signedIn(request);
    const jobId = parse(uuid, request.params.id);
    await openJob(cache, shopId, jobId);
    streamEvents(request, response, hub, { shopId, jobId });
  });

  routes.post('/jobs/:id/acts', async (request, response) => {
    const who = signedIn(request);
    const id = parse(uuid, request.params.id);
    const { acts, sentAt, behindRefused } = parse(batchSchema, request.body);
    const receivedAt = new Date();
    const sender = await senderOf(who, receivedAt);
    const batch = { acts, sentAt, receivedAt, behindRefused };
    const outcomes = await appendActs(sequelize, cache, sender, id, batch);
    response.json(outcomes);
    if (outcomes.outcomes.some((outcome) => outcome.status === 'accepted')) {
      hub.tell({ shopId: who.shopId, streamId: id, seq: outcomes.headSeq });
    }
  });

  return routes;
}

/** The members who may act from this device, in the roles they have now. */
async function senderOf(who: SignedIn, now: Date): Promise<Sender> {
  const roles = await rolesOf(who.shopId);
  return {
    shopId: who.shopId,
    device: who.device,
    member: (id) => {
      const role = who.proved[id] === undefined ? undefined : roles.get(id);
      return role ? { role, fresh: hasFreshProof(who, id, now) } : null;
    },
  };
}

async function onBoard(
  shopId: string,
  id: string,
  state: JobState,
  now: string,
): Promise<JobSummary | null> {
  const pinned = state.opened?.sheet;
  const revision = pinned ? await sheetRevision(shopId, pinned.id, pinned.revision) : null;
  return revision ? summaryOf(id, revision.sheet, state, now) : null;
}
