/** The engine run to working heat, after which fasteners are pulled again. */
export interface Heat {
  readonly at: string;
  readonly by: string;
  readonly words: string;
}
