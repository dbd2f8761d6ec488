/** A length in the drawing for a figure between two others; the figures may run either way. */
export function linearScale(
  [from, to]: readonly [number, number],
  [start, end]: readonly [number, number],
): (figure: number) => number {
  const span = to - from || 1;
  return (figure) => start + ((figure - from) / span) * (end - start);
}
