import { atMost } from '../quantity/withinLimits';
import { feelerStack, type FeelerStack } from './feelerStack';

interface GoNoGoInput {
  /** Leaves of one set. */
  readonly leavesMm: readonly number[];
  readonly lowMm: number;
  readonly highMm: number;
}

export interface GoNoGo {
  /** Goes in: at the low limit or a little above. */
  readonly goMm: FeelerStack;
  /** Does not: at the high limit or a little below. */
  readonly noGoMm: FeelerStack;
}

/** Two leaves held together still feel like one. */
const MOST_LEAVES = 2;

/**
 * Two feelers between which a gap that is within its limits lies: one as near the low limit as there is and
 * not below it, one as near the high limit and not above it. What goes by the first and not by the second is
 * within, without a number being read.
 * @returns null where the set has no two different ones inside the limits
 * @example goNoGo({ leavesMm: [0.38, 0.4, 0.43], lowMm: 0.38, highMm: 0.43 }) // go 0.38, no-go 0.43
 */
export function goNoGo({ leavesMm, lowMm, highMm }: GoNoGoInput): GoNoGo | null {
  if (leavesMm.length === 0) return null;
  const at = (targetMm: number) =>
    feelerStack({ leavesMm: [...leavesMm], targetMm, maxLeaves: MOST_LEAVES, toleranceMm: 0 });
  const [low, high] = [at(lowMm), at(highMm)];
  const goMm = low.stacks[0] ?? low.nearestAbove;
  const noGoMm = high.stacks[0] ?? high.nearestBelow;
  if (!goMm || !noGoMm || atMost(noGoMm.totalMm, goMm.totalMm)) return null;
  return { goMm, noGoMm };
}
