export interface VariantActs {
  /** This engine turned out to be another of the sheet's variants. */
  'variant.changed': { readonly question: string; readonly option: string; readonly words: string };
}

/** Which of the sheet's variants this engine is, by question. */
export type VariantState = Readonly<Record<string, string>>;
