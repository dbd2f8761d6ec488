/** Engines of one model that differ: asked by serial, or by something to be seen. */
export interface VariantQuestion {
  readonly id: string;
  /** "Is there a window in the side cover?" */
  readonly ask: string;
  readonly options: readonly VariantOption[];
}

export interface VariantOption {
  readonly id: string;
  /** Named on every map of a job that runs on it. */
  readonly name: string;
  /** Inclusive; compared as the stamps are counted. */
  readonly serials?: { readonly from?: string; readonly to?: string };
  /** What is seen on such an engine. */
  readonly seen?: string;
  /** Single figures that differ from the sheet. */
  readonly overrides: readonly Override[];
}

export interface Override {
  /** Where in the sheet, as a JSON Pointer: "/overhead/clearances/exhaust/hot/figure". */
  readonly at: string;
  readonly to: unknown;
}
