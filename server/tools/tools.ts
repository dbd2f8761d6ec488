import type { Transaction } from 'sequelize';
import { foldTool } from '@cardinex/core/tools/foldTool';
import type { ToolAct, ToolKind, ToolState } from '@cardinex/core/tools/tool';
import { EventRow } from '../database/models';

/** An act of a tool as its log keeps it. */
export type ToolEvent = ToolAct & {
  readonly seq: number;
  readonly receivedAt: string;
  readonly previousHash: string;
  readonly hash: string;
};

/**
 * The log of one tool, oldest first.
 * @param transaction the caller's, where there is one: it must not ask for a second connection
 */
export async function toolLog(
  shopId: string,
  id: string,
  transaction?: Transaction,
): Promise<readonly ToolEvent[]> {
  const rows = await EventRow.findAll({
    where: { shopId, streamKind: 'tool', streamId: id },
    order: ['seq'],
    raw: true,
    ...(transaction && { transaction }),
  });
  return rows.map((row) => row.event as unknown as ToolEvent);
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
  const rows = await EventRow.findAll({
    where: { shopId, streamKind: 'tool' },
    order: ['streamId', 'seq'],
    raw: true,
  });
  const logs = new Map<string, ToolEvent[]>();
  for (const { streamId, event } of rows) {
    logs.set(streamId, [...(logs.get(streamId) ?? []), event as unknown as ToolEvent]);
  }
  return [...logs]
    .flatMap(([id, log]) => foldTool(id, log) ?? [])
    .sort((a, b) => ORDER.indexOf(a.kind) - ORDER.indexOf(b.kind) || a.name.localeCompare(b.name));
}
