/** What is done to an engine that is left for weeks. */
export const PARKED_WITH = ['ports-plugged', 'bores-oiled', 'bags-labelled', 'covered'] as const;

export type ParkedWith = (typeof PARKED_WITH)[number];

/** A job left for a while, and what to do before it goes on. */
export interface Parking {
  readonly done: readonly ParkedWith[];
  readonly words: string;
  /** What to see to first when it is taken up again. */
  readonly resumeBy: readonly string[];
  readonly at: string;
  readonly by: string;
}

export interface ParkedActs {
  'job.parked': Omit<Parking, 'at' | 'by'>;
  'job.resumed': { readonly words?: string };
}
