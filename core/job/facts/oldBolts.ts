/** What was counted of a group. */
export interface BoltsCounted {
  readonly count: number;
  /** How often they had been used before, where that is limited. */
  readonly uses?: number;
  readonly at: string;
  readonly by: string;
}

export interface OldBoltsActs {
  /** Bolts that came out, counted into their bag. */
  'bolts.counted': Omit<BoltsCounted, 'at' | 'by'> & {
    readonly set: string;
    readonly group: string;
  };
}

/** Old bolts counted into their bags, by set and group: "head/long". */
export type OldBoltsState = Readonly<Record<string, BoltsCounted>>;
