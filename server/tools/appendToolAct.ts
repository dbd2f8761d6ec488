import { createHash } from 'node:crypto';
import type { Sequelize } from 'sequelize';
import { canonicalJson, chainText } from '@cardinex/core/job/chain';
import type { Role } from '@cardinex/core/job/roles';
import { decideTool } from '@cardinex/core/tools/decideTool';
import { evolveTool, foldTool } from '@cardinex/core/tools/foldTool';
import type { ToolAct, ToolState } from '@cardinex/core/tools/tool';
import { toolRefusalSentence } from '@cardinex/words/en/tools';
import { EMPTY_STREAM, EventRow, Stream } from '../database/models';
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
    const where = { shopId, streamKind: 'tool' as const, streamId: toolId };
    if (act.type === 'tool.entered') {
      await Stream.bulkCreate([{ ...where, ...EMPTY_STREAM, begunAt: receivedAt }], {
        ignoreDuplicates: true,
        transaction,
      });
    }
    const stream = await Stream.findOne({ where, lock: transaction.LOCK.UPDATE, transaction });
    if (!stream) throw new ProblemError(404, 'no-such-tool');
    const log = await toolLog(shopId, toolId, transaction);
    const tool = foldTool(toolId, log);
    const before = log.find((event) => event.id === act.id);
    if (before) return { tool: duplicate(act, before, tool), seq: stream.headSeq };
    const refusal = decideTool(tool, act, role);
    if (refusal) throw new ProblemError(422, refusal, toolRefusalSentence(refusal));
    const taken = await EventRow.findOne({ where: { shopId, actId: act.id }, transaction });
    if (taken) throw new ProblemError(409, 'act-id-taken');
    const unhashed = {
      ...act,
      seq: stream.headSeq + 1,
      receivedAt: receivedAt.toISOString(),
      previousHash: stream.headHash,
    };
    const hash = createHash('sha256')
      .update(chainText(unhashed as never), 'utf8')
      .digest('hex');
    const event = { ...unhashed, hash };
    await EventRow.create(
      { ...where, seq: event.seq, actId: act.id, event: event as never },
      { transaction },
    );
    await Stream.update({ headSeq: event.seq, headHash: hash }, { where, transaction });
    const after = evolveTool(toolId, tool, act);
    if (!after) throw new ProblemError(404, 'no-such-tool');
    return { tool: after, seq: event.seq };
  });
}

function duplicate(act: ToolAct, before: ToolEvent, tool: ToolState | null): ToolState {
  const { seq: _s, receivedAt: _r, previousHash: _p, hash: _h, ...sent } = before;
  if (!tool || canonicalJson(sent) !== canonicalJson(act))
    throw new ProblemError(409, 'act-id-taken');
  return tool;
}
