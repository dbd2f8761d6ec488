/** What was counted of a group. */
export interface BoltsCounted {
  readonly count: number;
  /** How often they had been used before, where that is limited. */
  readonly uses?: number;
  readonly at: string;
  readonly by: string;
}
