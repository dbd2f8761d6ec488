/** An act struck: who did so, and by which act. */
export interface Strike {
  readonly by: string;
  readonly at: string;
  /** Absent for a mis-tap undone by the one who made it. */
  readonly words?: string;
  readonly actId: string;
}

export interface StruckActs {
  struck: { readonly target: string; readonly words?: string };
}

/** Acts struck, by the id of the act they were struck from. */
export type StruckState = Readonly<Record<string, Strike>>;
