import { foldTool } from '@cardinex/core/tools/foldTool';
import type { ToolEvent, ToolKind, ToolState } from '@cardinex/core/tools/tool';
import { endsAt, readLog, readLogs, type StoredLog } from '../database/logs';
import { ProblemError } from '../problems/problem';

/**
 * The log of one tool, oldest first; empty for one the shop does not have.
 * @throws ProblemError 500 for a log that does not end where its stream says
 */
export async function toolLog(shopId: string, id: string): Promise<readonly ToolEvent[]> {
  const log = await readLog(shopId, 'tool', id);
  return log ? whole(log) : [];
}

/** What is asked for most stands first. */
const ORDER: readonly ToolKind[] = [
  'torque-wrench',
  'angle-gauge',
  'adapter',
  'feelers',
  'depth-gauge',
  'dial-gauge',
  'micrometer',
  'bore-gauge',
  'jack',
  'pump',
  'crank-bar',
  'degree-wheel',
  'rim-mark',
];

/** Every tool of a shop as its log leaves it, by kind and name. */
export async function allTools(shopId: string): Promise<readonly ToolState[]> {
  const logs = await readLogs(shopId, 'tool', 'all');
  return logs
    .flatMap((log) => foldTool(log.streamId, whole(log)) ?? [])
    .sort((a, b) => ORDER.indexOf(a.kind) - ORDER.indexOf(b.kind) || a.name.localeCompare(b.name));
}

function whole({ events, head }: StoredLog): readonly ToolEvent[] {
  if (!endsAt(events.at(-1), head)) throw new ProblemError(500, 'log-damaged');
  return events as unknown as readonly ToolEvent[];
}
