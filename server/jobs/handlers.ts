import { isFreshProof } from '@cardinex/core/job/proof';
import { sheetOfJob } from '@cardinex/core/job/sheetOfJob';
import { afterHeatCalendar } from '../calendar/afterHeat';
import type { LiveHub } from '../live/hub';
import { JsonText, type Handlers } from '../routes/handler';
import { rolesOn } from '../session/proofs';
import type { SignedIn } from '../session/session';
import { appendActs } from './appendActs';
import type { Sender } from './appending';
import { boardOf, readCursor } from './board';
import type { JobCache } from './jobCache';
import { openJob } from './openJob';
import { earlierOverhauls } from './overhauls';
import { outcomesText } from './outcomesText';
import { jobRecord } from './record';

export function jobHandlers(
  cache: JobCache,
  hub: LiveHub,
): Handlers<
  | 'GET /api/jobs'
  | 'GET /api/jobs/{id}'
  | 'GET /api/jobs/{id}/overhauls'
  | 'GET /api/jobs/{id}/record.json'
  | 'GET /api/jobs/{id}/after-heat.ics'
  | 'POST /api/jobs/{id}/acts'
> {
  return {
    'GET /api/jobs': ({ who: { shopId }, query: { finishedBefore } }) =>
      boardOf(cache, shopId, finishedBefore === undefined ? null : readCursor(finishedBefore)),

    'GET /api/jobs/{id}': async ({ who: { shopId }, params: { id } }) => {
      const { log, sheet } = await openJob(cache, shopId, id);
      return { id, sheet, events: [...log] };
    },

    'GET /api/jobs/{id}/overhauls': async ({ who: { shopId }, params: { id } }) => ({
      overhauls: await earlierOverhauls(cache, shopId, id),
    }),

    'GET /api/jobs/{id}/record.json': async ({ who: { shopId }, params: { id }, response }) => {
      const job = await openJob(cache, shopId, id);
      response.attachment(`cardinex-${id}.json`);
      return jobRecord(shopId, { id, ...job });
    },

    'GET /api/jobs/{id}/after-heat.ics': async ({ who: { shopId }, params: { id }, response }) => {
      const { state, sheet } = await openJob(cache, shopId, id);
      response
        .type('text/calendar; charset=utf-8')
        .attachment('after-heat.ics')
        .send(afterHeatCalendar(id, sheetOfJob(sheet.sheet, state), state));
    },

    'POST /api/jobs/{id}/acts': async ({ who, params: { id }, body, response }) => {
      const receivedAt = new Date();
      const sender = await senderOf(who, receivedAt.toISOString());
      const outcomes = await appendActs(cache, sender, id, { ...body, receivedAt });
      // Others hear of it once it has been answered.
      response.once('close', () => {
        if (outcomes.outcomes.some((outcome) => outcome.status === 'accepted'))
          hub.tell({ shopId: who.shopId, streamId: id, seq: outcomes.headSeq });
      });
      return new JsonText(outcomesText(outcomes));
    },
  };
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
