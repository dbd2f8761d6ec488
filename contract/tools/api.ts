import type { ToolAct, ToolState } from '@cardinex/core/tools/tool';

export interface Tools {
  readonly tools: readonly ToolState[];
  /** Where a calendar program finds the dates checks are due; the address is the secret. */
  readonly calendar: string;
}

export interface ToolLog {
  readonly tool: ToolState;
  readonly log: readonly ToolAct[];
}

/** Something done with a tool since its last good check. */
export interface SuspectAct {
  readonly job: string;
  readonly name: string;
  readonly at: string;
  readonly what: string;
  readonly value: string;
}
