import { Router } from 'express';
import type { ToolLog, Tools } from '@cardinex/contract/tools/api';
import { toolActSchema } from '@cardinex/contract/tools/act';
import { uuid } from '@cardinex/contract/text';
import { foldTool } from '@cardinex/core/tools/foldTool';
import { calendarToken } from '../calendar/token';
import { Shop } from '../database/models';
import type { JobCache } from '../jobs/jobCache';
import { judgeAgain } from '../jobs/judgeAgain';
import type { LiveHub } from '../live/hub';
import { ProblemError, parse } from '../problems/problem';
import { rolesOn } from '../session/proofs';
import { signedIn } from '../session/session';
import { appendToolAct } from './appendToolAct';
import { suspectActs } from './suspects';
import { allTools, toolLog } from './tools';

export function toolRoutes(cache: JobCache, hub: LiveHub, secret: string): Router {
  const routes = Router();

  routes.get('/tools', async (request, response) => {
    const { shopId } = signedIn(request);
    const { slug } = await shopOf(shopId);
    const calendar = `/api/calendars/${slug}/${calendarToken(secret, shopId)}.ics`;
    response.json({ tools: await allTools(shopId), calendar } satisfies Tools);
  });

  routes.get('/tools/:id', async (request, response) => {
    const { shopId } = signedIn(request);
    response.json(await found(shopId, parse(uuid, request.params.id)));
  });

  routes.get('/tools/:id/suspect', async (request, response) => {
    const { shopId } = signedIn(request);
    const { tool } = await found(shopId, parse(uuid, request.params.id));
    response.json({ acts: await suspectActs(shopId, tool, cache) });
  });

  routes.post('/tools/:id/acts', async (request, response) => {
    const who = signedIn(request);
    const { shopId, device } = who;
    const id = parse(uuid, request.params.id);
    const act = parse(toolActSchema, request.body);
    if (act.device !== device) throw new ProblemError(403, 'wrong-device', undefined, 'device');
    const member = (await rolesOn(who)).get(act.by);
    if (!member) throw new ProblemError(403, 'not-signed-in-here', undefined, 'by');
    const { tool, seq } = await appendToolAct(shopId, id, act, member.role, new Date());
    const judged = await judgeAgain(cache, { shopId, tool, seq, act });
    for (const { jobId, seq: head } of judged) hub.tell({ shopId, streamId: jobId, seq: head });
    response.json({ tool });
  });

  return routes;
}

async function shopOf(shopId: string): Promise<Shop> {
  return Shop.findOne({ where: { shopId }, rejectOnEmpty: true });
}

async function found(shopId: string, id: string): Promise<ToolLog> {
  const log = await toolLog(shopId, id);
  const tool = foldTool(id, log);
  if (!tool) throw new ProblemError(404, 'no-such-tool');
  return { tool, log };
}
