/** So many holes. */
export function holesText(count: number): string {
  return `${Number(count.toFixed(2))} ${count === 1 ? 'hole' : 'holes'}`;
}
