/** What a tool's own log said of an act that names it: how far that log was read, and whether it agrees. */
export interface CribJudgement {
  /** The last event of the tool's log; 0 for a tool that was never entered. */
  readonly seq: number;
  readonly agrees: boolean;
}
