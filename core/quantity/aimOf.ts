import type { Printed } from './figure';

/** What to aim for: the figure, or the middle of a range; null where nothing is printed. */
export function aimOf<U extends string>(printed: Printed<U>): { value: number; unit: U } | null {
  if ('missing' in printed) return null;
  if ('figure' in printed) return printed.figure;
  const { low, high } = printed;
  return { value: (low.value + high.value) / 2, unit: low.unit };
}
