/*
 * Codes with fields: what a reckoning or the log says, before `words/` makes the sentence of it.
 */

/** A code whose sentence needs nothing. */
export type Nothing = Readonly<Record<never, never>>;

/** One code with its fields beside it: as it travels, and as the log keeps it. */
export type Coded<Fields> = {
  readonly [C in keyof Fields]: { readonly code: C } & Fields[C];
}[keyof Fields];

/** What is said beside a code: its fields, or nothing where its sentence needs none. */
export type Said<Fields, C extends keyof Fields> = keyof Fields[C] extends never ? [] : [Fields[C]];

/** A code and what is said beside it as one. */
export function coded<Fields, C extends keyof Fields>(
  code: C,
  ...[fields]: Said<Fields, C>
): Coded<Fields> {
  // The fields are those of the code: the compiler loses which, spread.
  return { code, ...fields } as unknown as Coded<Fields>;
}
