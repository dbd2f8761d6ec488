import type { ICalEventData } from 'ical-generator';
import { sheetOfJob } from '@cardinex/core/job/sheetOfJob';
import { toolsWords as w } from '@cardinex/words/tools';
import { Shop } from '../database/models';
import type { JobCache } from '../jobs/jobCache';
import { openJob } from '../jobs/openJob';
import { ProblemError } from '../problems/problem';
import type { Handlers } from '../routes/handler';
import { allTools } from '../tools/tools';
import { afterHeatEvents } from './afterHeat';
import { calendarFile } from './calendarFile';
import { isCalendarToken } from './token';
import { toolCheckEvents } from './toolChecks';

/**
 * A shop's dates, read by calendar programs, which cannot sign in: the address carries the secret.
 * The days tools are due for a check, and the hours from which engines may be pulled again after heat.
 */
export function calendarHandlers(
  cache: JobCache,
  secret: string,
): Handlers<'GET /api/calendars/{shop}/{token}.ics'> {
  return {
    'GET /api/calendars/{shop}/{token}.ics': async ({
      params: { shop: slug, token },
      response,
    }) => {
      const shop = await Shop.findOne({ where: { slug }, raw: true });
      if (!shop || !isCalendarToken(secret, shop.shopId, token))
        throw new ProblemError(404, 'not-found');
      const { shopId } = shop;
      const events = [
        ...toolCheckEvents(await allTools(shopId)),
        ...(await jobEvents(cache, shopId)),
      ];
      response
        .type('text/calendar; charset=utf-8')
        .attachment('shop.ics')
        .send(calendarFile(w.calendarName(shop.name), '//cardinex//shop//EN', events));
    },
  };
}

/** Of engines on the stands; a sheet is read only for those that have been hot. */
async function jobEvents(cache: JobCache, shopId: string): Promise<ICalEventData[]> {
  const jobs = await cache.loadMany(shopId, 'open');
  const events = await Promise.all(
    jobs
      .filter(({ job }) => job?.state.heat)
      .map(async ({ id }) => {
        const { state, sheet } = await openJob(cache, shopId, id);
        return afterHeatEvents(id, sheetOfJob(sheet.sheet, state), state);
      }),
  );
  return events.flat();
}
