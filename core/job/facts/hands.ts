/** Somebody has their hands, or more, where the engine would take them along. */
export interface HandsIn {
  readonly by: string;
  /** "Under cylinder 3". */
  readonly where: string;
  readonly at: string;
}

/** Everybody known to have their hands in, each once. */
export type HandsState = readonly HandsIn[];

export interface HandsActs {
  'hands.in': { readonly where: string };
  /** Out again: one's own, or those of somebody that can be seen. */
  'hands.out': { readonly whose: string };
}
