import type { ToolLog } from '@cardinex/contract/tools/tool';
import { foldTool } from '@cardinex/core/tools/foldTool';
import { calendarToken } from '../calendar/token';
import { Shop } from '../database/models';
import type { JobCache } from '../jobs/jobCache';
import { judgeAgain } from '../jobs/judgeAgain';
import type { LiveHub } from '../live/hub';
import { ProblemError } from '../problems/problem';
import type { Handlers } from '../routes/handler';
import { memberOn } from '../session/proofs';
import { appendToolAct } from './appendToolAct';
import { suspectActs } from './suspects';
import { allTools, toolLog } from './tools';

export function toolHandlers(
  cache: JobCache,
  hub: LiveHub,
  secret: string,
): Handlers<
  | 'GET /api/tools'
  | 'GET /api/tools/{id}'
  | 'GET /api/tools/{id}/suspect'
  | 'POST /api/tools/{id}/acts'
> {
  return {
    'GET /api/tools': async ({ who: { shopId } }) => {
      const { slug } = await Shop.findOne({ where: { shopId }, rejectOnEmpty: true });
      const calendar = `/api/calendars/${slug}/${calendarToken(secret, shopId)}.ics`;
      return { tools: await allTools(shopId), calendar };
    },

    'GET /api/tools/{id}': ({ who: { shopId }, params: { id } }) => found(shopId, id),

    'GET /api/tools/{id}/suspect': async ({ who: { shopId }, params: { id } }) => {
      const { tool } = await found(shopId, id);
      return { acts: await suspectActs(shopId, tool, cache) };
    },

    'POST /api/tools/{id}/acts': async ({ who, params: { id }, body: act }) => {
      const { shopId, device } = who;
      if (act.device !== device) throw new ProblemError(403, 'wrong-device', undefined, 'device');
      const { role } = await memberOn(who, act.by);
      const { tool, seq } = await appendToolAct(shopId, id, act, role, new Date());
      const judged = await judgeAgain(cache, { shopId, tool, seq, act });
      for (const { jobId, seq: head } of judged) hub.tell({ shopId, streamId: jobId, seq: head });
      return { tool };
    },
  };
}

async function found(shopId: string, id: string): Promise<ToolLog> {
  const log = await toolLog(shopId, id);
  const tool = foldTool(id, log);
  if (!tool) throw new ProblemError(404, 'no-such-tool');
  return { tool, log: [...log] };
}
