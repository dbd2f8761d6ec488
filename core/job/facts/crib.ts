/** What a tool's own log said of an act that names it: how far that log was read, and whether it agrees. */
export interface CribJudgement {
  /** The last event of the tool's log; 0 for a tool that was never entered. */
  readonly seq: number;
  readonly agrees: boolean;
}

export interface CribActs {
  /**
   * The crib spoke again of acts whose wrench had not been as it has it, a tool's log having grown: those
   * that agree by now. Written by the server in the name of whoever recorded the tool.
   */
  'crib.judged': {
    readonly tool: string;
    /** How far the tool's log was read. */
    readonly seq: number;
    readonly agree: readonly string[];
  };
}
