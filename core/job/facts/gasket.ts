/** Which gasket is fitted, and by what it was chosen. */
export interface GasketChosen {
  readonly mark: string;
  /** The pistons measured; or the mark of the old one, where nothing under it was touched. */
  readonly by: 'stand-out' | 'old-gasket';
  readonly words?: string;
}

export type GasketState = (GasketChosen & { readonly at: string; readonly told: string }) | null;

export interface GasketActs {
  /** Which gasket is fitted. */
  'gasket.chosen': GasketChosen;
}
