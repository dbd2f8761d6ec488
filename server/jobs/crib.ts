import type { CribJudgement } from '@cardinex/core/job/facts/crib';
import type { Transaction } from 'sequelize';
import type { Act, LoggedAct } from '@cardinex/core/job/act';
import { wrenchNamed } from '@cardinex/core/job/crib';
import { agreesWithCrib, type HandTime } from '@cardinex/core/tools/agrees';
import { foldTool } from '@cardinex/core/tools/foldTool';
import type { ToolState } from '@cardinex/core/tools/tool';
import { toolLog } from '../tools/tools';

interface KnownTool {
  readonly seq: number;
  readonly tool: ToolState | null;
}

/** The crib as one append sees it: each tool is read once, however many acts name it. */
export class Crib {
  private readonly tools = new Map<string, Promise<KnownTool>>();

  constructor(
    private readonly shopId: string,
    private readonly transaction: Transaction,
  ) {}

  /** What the crib says of the wrench an act names; null for an act that names none. */
  async judge(act: Act, time: HandTime): Promise<CribJudgement | null> {
    const named = wrenchNamed(act);
    if (!named) return null;
    const { seq, tool } = await this.tool(named.id);
    return { seq, agrees: agreesWithCrib(tool, named, time) };
  }

  private tool(id: string): Promise<KnownTool> {
    const known = this.tools.get(id) ?? this.read(id);
    this.tools.set(id, known);
    return known;
  }

  private async read(id: string): Promise<KnownTool> {
    const log = await toolLog(this.shopId, id, this.transaction);
    return { seq: log.at(-1)?.seq ?? 0, tool: foldTool(id, log) };
  }
}

/** When an act was done: by its device, and by what can be vouched for. */
export function handTimeIn({
  at,
  receivedAt,
  timeDoubt,
  clockOffMs,
}: Pick<LoggedAct, 'at' | 'receivedAt' | 'timeDoubt'> & {
  readonly clockOffMs?: number | undefined;
}): HandTime {
  const isDoubtful = timeDoubt !== undefined || clockOffMs !== undefined;
  return { said: at, vouched: isDoubtful ? (receivedAt ?? at) : at };
}
