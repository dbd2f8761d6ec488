import type { Sequelize, Transaction } from 'sequelize';
import type { ActOf, JobEvent } from '@cardinex/core/job/act';
import { evolve } from '@cardinex/core/job/evolve';
import { headSeq, type JobState } from '@cardinex/core/job/state';
import { agreesWithCrib } from '@cardinex/core/tools/agrees';
import type { ToolAct, ToolState } from '@cardinex/core/tools/tool';
import { chained, lockStream, storeEvents } from '../database/streams';
import { sha256 } from '../sha256';
import { handTimeIn } from './crib';
import type { JobCache } from './jobCache';

/** A tool whose log has just grown, and by what. */
export interface GrownTool {
  readonly shopId: string;
  readonly tool: ToolState;
  readonly seq: number;
  readonly act: ToolAct;
}

/**
 * Holds what was pulled with a tool against the crib once more, its log having grown: on every open job
 * where something had not agreed, and does now, the log says so. Asked again for the same act, it adds
 * nothing.
 * @returns the events that were added
 */
export async function judgeAgain(
  sequelize: Sequelize,
  cache: JobCache,
  grown: GrownTool,
): Promise<readonly (JobEvent & { readonly jobId: string })[]> {
  const { shopId, tool } = grown;
  const jobs = (await cache.loadMany(shopId, 'open')).filter(
    ({ state }) => state && Object.values(state.crib).some(({ wrench }) => wrench.id === tool.id),
  );
  const added: (JobEvent & { jobId: string })[] = [];
  for (const { id } of jobs) {
    const judged = await sequelize.transaction((transaction) =>
      judgeJob(cache, grown, id, transaction),
    );
    if (!judged) continue;
    cache.keep(shopId, id, judged.state);
    added.push({ ...judged.event, jobId: id });
  }
  return added;
}

async function judgeJob(
  cache: JobCache,
  { shopId, tool, seq, act }: GrownTool,
  jobId: string,
  transaction: Transaction,
): Promise<{ readonly event: JobEvent; readonly state: JobState } | null> {
  const key = { shopId, streamKind: 'job' as const, streamId: jobId };
  const stream = await lockStream(key, transaction);
  if (!stream) return null;
  const head = { seq: stream.headSeq, hash: stream.headHash };
  const state = await cache.load(shopId, jobId, transaction, head);
  const agree = agreeing(state, tool);
  if (agree.length === 0) return null;
  const receivedAt = new Date().toISOString();
  const judged: ActOf<'crib.judged'> = {
    id: idFor(act.id, jobId),
    v: 1,
    type: 'crib.judged',
    at: receivedAt,
    by: act.by,
    device: act.device,
    // Not counted: it was not made on the device.
    count: 0,
    seenSeq: headSeq(state),
    data: { tool: tool.id, seq, agree },
  };
  const received = { ...judged, seq: headSeq(state) + 1, receivedAt };
  const event: JobEvent = chained(received, head.hash);
  await storeEvents(key, [event], transaction);
  return { event, state: evolve(state, event) };
}

/** Acts that had not agreed with the crib, and do by now. */
function agreeing({ crib }: JobState, tool: ToolState): readonly string[] {
  return Object.entries(crib)
    .filter(([, { wrench }]) => wrench.id === tool.id)
    .filter(([, { wrench, act }]) => agreesWithCrib(tool, wrench, handTimeIn(act)))
    .map(([id]) => id);
}

/** The same for the same tool's act on the same job, so that it is added once. */
function idFor(toolAct: string, jobId: string): string {
  const hex = sha256(`${toolAct}/${jobId}`);
  const [a, b, c, d, e] = [0, 8, 12, 16, 20].map((at, place, all) =>
    hex.slice(at, all[place + 1] ?? 32),
  );
  return `${a}-${b}-8${c?.slice(1)}-a${d?.slice(1)}-${e}`;
}
