import type { FitRow } from './rows';
import type { FitStep } from './steps';

/**
 * How many old joints come out, or new ones go in, at a step of a row: counted and typed, for one that is only ticked is
 * not counted. Null for a step at which nothing is, or where there is but one: that is seen.
 * @example countedAt(row, { id: 'joint-1', kind: 'joint', line: { kind: 'washer', count: 2 } }) // 12, for six injectors
 */
export function countedAt({ instances }: FitRow, step: FitStep): number | null {
  if (step.kind !== 'old-joint' && step.kind !== 'joint') return null;
  const { kind, count = 1 } = step.line;
  // What is laid from a tube is not counted.
  if (kind === 'sealant' || kind === 'paste') return null;
  const total = count * instances.length;
  return total > 1 ? total : null;
}
