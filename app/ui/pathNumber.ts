/** A coordinate in the path of a drawing: a tenth is finer than any screen. Never shown as a figure. */
export function pathNumber(value: number): string {
  return value.toFixed(1);
}
