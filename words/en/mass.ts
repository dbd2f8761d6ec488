/** A mass: whole grams, tenths where they are given. */
export function mass(grams: number): string {
  return `${Number(grams.toFixed(1))} g`;
}
