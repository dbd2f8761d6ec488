import { LRUCache } from 'lru-cache';
import type { Act, LoggedAct } from '@cardinex/core/job/act';
import { wrenchNamed } from '@cardinex/core/job/crib';
import type { CribJudgement } from '@cardinex/core/job/facts/crib';
import { agreesWithCrib, type HandTime } from '@cardinex/core/tools/agrees';
import { foldTool } from '@cardinex/core/tools/foldTool';
import type { ToolState } from '@cardinex/core/tools/tool';
import { readOnce } from '../readOnce';
import { toolLog } from '../tools/tools';

interface KnownTool {
  readonly seq: number;
  readonly tool: ToolState | null;
}

/** Tools as they were last read, of every shop. An append is held against how far their logs have come. */
const known = new LRUCache<string, Promise<KnownTool>>({ max: 2000 });

/** The crib as one append sees it. */
export class Crib {
  /** How far the log of each tool that was asked for had come. */
  readonly seen = new Map<string, number>();

  /** @param shopId of whose crib */
  constructor(private readonly shopId: string) {}

  /** What the crib says of the wrench an act names; null for an act that names none. */
  async judge(act: Act, time: HandTime): Promise<CribJudgement | null> {
    const named = wrenchNamed(act);
    if (!named) return null;
    const { seq, tool } = await this.tool(named.id);
    this.seen.set(named.id, seq);
    return { seq, agrees: agreesWithCrib(tool, named, time) };
  }

  /** The tools that were asked for are read anew when they are next: one of their logs has grown. */
  forget(): void {
    for (const id of this.seen.keys()) known.delete(this.keyOf(id));
  }

  private tool(id: string): Promise<KnownTool> {
    return readOnce(known, this.keyOf(id), () => this.read(id));
  }

  private async read(id: string): Promise<KnownTool> {
    const log = await toolLog(this.shopId, id);
    return { seq: log.at(-1)?.seq ?? 0, tool: foldTool(id, log) };
  }

  private keyOf(id: string): string {
    return `${this.shopId}/${id}`;
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
