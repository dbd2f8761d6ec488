/** A coordinate in a path: a hundredth is finer than any screen. Never shown as a figure. */
export function coordinate(value: number): string {
  return String(Math.round(value * 100) / 100);
}

/** Straight lines from point to point, as a path. */
export function polyline(points: readonly (readonly [number, number])[]): string {
  return points
    .map(([x, y], nth) => `${nth === 0 ? 'M' : 'L'}${coordinate(x)} ${coordinate(y)}`)
    .join(' ');
}
