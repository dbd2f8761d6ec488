import type { Sequelize } from 'sequelize';
import { canonicalJson } from '@cardinex/core/job/chain';
import type { Role } from '@cardinex/core/job/roles';
import { sentAct } from '@cardinex/core/job/sentAct';
import { decideTool } from '@cardinex/core/tools/decideTool';
import { evolveTool, foldTool } from '@cardinex/core/tools/foldTool';
import type { ToolAct, ToolState } from '@cardinex/core/tools/tool';
import { toolRefusalSentence } from '@cardinex/words/en/tools';
import { EventRow } from '../database/models';
import { beginStream, chained, lockStream, storeEvents } from '../database/streams';
import { ProblemError } from '../problems/problem';
import { toolLog, type ToolEvent } from './tools';

/**
 * Adds one act to a tool's log, chained to the one before as a job's acts are. The same act sent
 * again is harmless.
 * @returns the tool as it then stands, and the last event of its log
 * @throws ProblemError 422 when it may not join the log, 409 when its id is taken by another
 */
export async function appendToolAct(
  sequelize: Sequelize,
  shopId: string,
  toolId: string,
  act: ToolAct,
  role: Role,
  receivedAt: Date,
): Promise<{ readonly tool: ToolState; readonly seq: number }> {
  return sequelize.transaction(async (transaction) => {
    const key = { shopId, streamKind: 'tool' as const, streamId: toolId };
    if (act.type === 'tool.entered') await beginStream(key, receivedAt, transaction);
    const stream = await lockStream(key, transaction);
    if (!stream) throw new ProblemError(404, 'no-such-tool');
    const log = await toolLog(shopId, toolId, transaction);
    const tool = foldTool(toolId, log);
    const before = log.find((event) => event.id === act.id);
    if (before) return { tool: duplicate(act, before, tool), seq: stream.headSeq };
    const refusal = decideTool(tool, act, role);
    if (refusal) throw new ProblemError(422, refusal, toolRefusalSentence(refusal));
    const taken = await EventRow.findOne({ where: { shopId, actId: act.id }, transaction });
    if (taken) throw new ProblemError(409, 'act-id-taken');
    const received = { ...act, seq: stream.headSeq + 1, receivedAt: receivedAt.toISOString() };
    const event = chained(received, stream.headHash);
    await storeEvents(key, [event], transaction);
    const after = evolveTool(toolId, tool, act);
    if (!after) throw new ProblemError(404, 'no-such-tool');
    return { tool: after, seq: event.seq };
  });
}

function duplicate(act: ToolAct, before: ToolEvent, tool: ToolState | null): ToolState {
  if (!tool || canonicalJson(sentAct(before)) !== canonicalJson(act))
    throw new ProblemError(409, 'act-id-taken');
  return tool;
}
