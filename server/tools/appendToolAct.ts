import { canonicalJson } from '@cardinex/core/job/chain';
import type { Role } from '@cardinex/core/job/roles';
import { sentAct } from '@cardinex/core/job/sentAct';
import { decideTool } from '@cardinex/core/tools/decideTool';
import { evolveTool, foldTool } from '@cardinex/core/tools/foldTool';
import type { ToolAct, ToolEvent, ToolState } from '@cardinex/core/tools/tool';
import { toolRefusalSentence } from '@cardinex/words/tools';
import { headOf } from '../database/logs';
import { append, chained } from '../database/streams';
import { isKeyTaken } from '../database/trouble';
import { ProblemError } from '../problems/problem';
import { toolLog } from './tools';

/**
 * Adds one act to a tool's log, chained to the one before as a job's acts are. The same act sent
 * again is harmless.
 * @returns the tool as it then stands, and the last event of its log
 * @throws ProblemError 422 when it may not join the log, 409 when its id is taken by another
 */
export async function appendToolAct(
  shopId: string,
  toolId: string,
  act: ToolAct,
  role: Role,
  at: Date,
): Promise<{ readonly tool: ToolState; readonly seq: number }> {
  const log = await toolLog(shopId, toolId);
  if (log.length === 0 && act.type !== 'tool.entered') throw new ProblemError(404, 'no-such-tool');
  const tool = foldTool(toolId, log);
  const head = headOf(log.at(-1));
  const before = log.find((event) => event.id === act.id);
  if (before) return { tool: duplicate(act, before, tool), seq: head.seq };
  const refusal = decideTool(tool, act, role);
  if (refusal) throw new ProblemError(422, refusal, toolRefusalSentence(refusal));
  const after = evolveTool(toolId, tool, act);
  if (!after) throw new ProblemError(404, 'no-such-tool');
  const received = { ...act, seq: head.seq + 1, receivedAt: at.toISOString() };
  const events = [chained(received, head.hash)];
  const key = { shopId, streamKind: 'tool' as const, streamId: toolId };
  const isAdded = await append(key, { head, events, at }).catch((error: unknown) => {
    throw isKeyTaken(error) ? new ProblemError(409, 'act-id-taken') : error;
  });
  // Its log has grown meanwhile: once more, from where it ends by now.
  return isAdded
    ? { tool: after, seq: received.seq }
    : appendToolAct(shopId, toolId, act, role, at);
}

function duplicate(act: ToolAct, before: ToolEvent, tool: ToolState | null): ToolState {
  if (!tool || canonicalJson(sentAct(before)) !== canonicalJson(act))
    throw new ProblemError(409, 'act-id-taken');
  return tool;
}
