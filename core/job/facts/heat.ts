/** The engine run to working heat, after which fasteners are pulled again. */
export interface Heat {
  readonly at: string;
  readonly by: string;
  readonly words: string;
}

export interface HeatActs {
  /** The engine run to working heat: what is pulled again after it waits from here. */
  'heat.reached': { readonly words: string };
}
