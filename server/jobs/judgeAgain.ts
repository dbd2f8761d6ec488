import type { ActOf, JobEvent } from '@cardinex/core/job/act';
import { evolve } from '@cardinex/core/job/evolve';
import type { JobState } from '@cardinex/core/job/state';
import { agreesWithCrib } from '@cardinex/core/tools/agrees';
import type { ToolAct, ToolState } from '@cardinex/core/tools/tool';
import { headOf } from '../database/logs';
import { append, chained } from '../database/streams';
import { sha256 } from '../sha256';
import { handTimeIn } from './crib';
import type { JobCache } from './jobCache';

/** A tool whose log has just grown, and by what. */
interface GrownTool {
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
  cache: JobCache,
  grown: GrownTool,
): Promise<readonly (JobEvent & { readonly jobId: string })[]> {
  const { shopId, tool } = grown;
  const jobs = (await cache.loadMany(shopId, 'open')).filter(
    ({ job }) => job && Object.values(job.state.crib).some(({ wrench }) => wrench.id === tool.id),
  );
  const added: (JobEvent & { jobId: string })[] = [];
  for (const { id } of jobs) {
    const event = await cache.inTurn(id, () => judgeJob(cache, grown, id));
    if (event) added.push({ ...event, jobId: id });
  }
  return added;
}

/** Once more from what came meanwhile, as long as something does. */
async function judgeJob(
  cache: JobCache,
  grown: GrownTool,
  jobId: string,
): Promise<JobEvent | null> {
  const { shopId, tool, seq, act } = grown;
  const job = await cache.load(shopId, jobId);
  const agree = agreeing(job.state, tool);
  if (agree.length === 0) return null;
  const at = new Date();
  const receivedAt = at.toISOString();
  const { headSeq } = job.log;
  const judged: ActOf<'crib.judged'> = {
    id: idFor(act.id, jobId),
    v: 1,
    type: 'crib.judged',
    at: receivedAt,
    by: act.by,
    device: act.device,
    // Not counted: it was not made on the device.
    count: 0,
    seenSeq: headSeq,
    data: { tool: tool.id, seq, agree },
  };
  const head = headOf(job.log.last);
  const event: JobEvent = chained({ ...judged, seq: headSeq + 1, receivedAt }, head.hash);
  const key = { shopId, streamKind: 'job' as const, streamId: jobId };
  if (!(await append(key, { head, events: [event], at }))) return judgeJob(cache, grown, jobId);
  cache.keep(shopId, jobId, evolve(job, event));
  return event;
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
