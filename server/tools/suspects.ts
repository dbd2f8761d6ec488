import { sheetOfJob } from '@cardinex/core/job/sheetOfJob';
import { Op, literal, where as matching } from 'sequelize';
import { wrenchNamed } from '@cardinex/core/job/crib';
import type { Job } from '@cardinex/core/job/job';
import { lastCheck, type ToolState } from '@cardinex/core/tools/tool';
import type { SuspectAct } from '@cardinex/contract/tools/tool';
import { actLine } from '@cardinex/words/acts';
import { EventRow } from '../database/models';
import type { JobCache } from '../jobs/jobCache';
import { readOnce } from '../readOnce';
import { sheetRevision } from '../sheets/sheets';

/**
 * Everything pulled with a tool since its last good check, on any job: what must be looked at again
 * when it is found off.
 */
export async function suspectActs(
  shopId: string,
  tool: ToolState,
  cache: JobCache,
): Promise<readonly SuspectAct[]> {
  const since = lastCheck(tool)?.on ?? '0000-01-01';
  const rows = await EventRow.findAll({
    where: {
      shopId,
      streamKind: 'job',
      [Op.or]: [
        matching(literal("event #>> '{data,wrench}'"), tool.id),
        matching(literal("event #>> '{data,nut,wrench}'"), tool.id),
      ],
    },
    order: ['streamId', 'seq'],
    raw: true,
  });
  const acts: SuspectAct[] = [];
  const jobs = new Map<string, Promise<Job>>();
  for (const { streamId, event } of rows) {
    if (!wrenchNamed(event) || event.at.slice(0, 10) < since) continue;
    const { state } = await readOnce(jobs, streamId, () => cache.load(shopId, streamId));
    const { opened } = state;
    if (!opened || state.struck[event.id]) continue;
    const revision = await sheetRevision(shopId, opened.sheet.id, opened.sheet.revision);
    if (!revision) continue;
    const { what, value = '' } = actLine(event, sheetOfJob(revision.sheet, state));
    acts.push({ job: streamId, name: opened.name, at: event.at, what, value });
  }
  return acts;
}
