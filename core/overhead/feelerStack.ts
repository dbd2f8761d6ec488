import {
  ReckoningFault,
  requireNumber,
  requirePositive,
  requireSome,
} from '../quantity/reckoningFault';
import { inMillionths } from '../quantity/withinLimits';

export interface FeelerStackInput {
  /** The leaves actually in the set, in any order; the same thickness twice is two leaves. */
  readonly leavesMm: readonly number[];
  readonly targetMm: number;
  readonly maxLeaves: number;
  readonly toleranceMm: number;
}

export interface FeelerStack {
  /** Thickest first. */
  readonly leavesMm: readonly number[];
  readonly totalMm: number;
  /** Total less target. */
  readonly errorMm: number;
}

export interface FeelerStacks {
  /** Within tolerance, best first, ten at the most. */
  readonly stacks: readonly FeelerStack[];
  /** The thickest stack thinner than the target; null when every stack is thicker. */
  readonly nearestBelow: FeelerStack | null;
  /** The thinnest stack thicker than the target. */
  readonly nearestAbove: FeelerStack | null;
}

const MOST_STACKS = 10;
export const MOST_LEAVES = 4;

/** Errors are told apart to a ten-thousandth of a millimetre: finer than any leaf. */
const ERROR_STEP_MM = 0.0001;

/**
 * Which leaves of a set to lay together for a gap it has no leaf for.
 *
 * Every choice of up to `maxLeaves` leaves is looked at, each leaf used once, equal stacks merged.
 * Best first: the least error (to 0.0001 mm), the fewest leaves (each more adds oil film and spring),
 * the thickest thinnest leaf (a thin one creases), then the leaves in descending order. The nearest
 * below and above are given whatever the tolerance, for a go and no-go pair.
 * @throws ReckoningFault on an empty set, a leaf that is not above 0, or more than 4 leaves a stack
 * @example feelerStack({ leavesMm: [0.05, 0.1, 0.25], targetMm: 0.35, maxLeaves: 2, toleranceMm: 0 }).stacks
 * // [{ leavesMm: [0.25, 0.1], totalMm: 0.35, errorMm: 0 }]
 */
export function feelerStack(input: FeelerStackInput): FeelerStacks {
  requireSome('leavesMm', input.leavesMm);
  input.leavesMm.forEach((mm, place) => requirePositive(`leavesMm[${place}]`, mm));
  requirePositive('targetMm', input.targetMm);
  requireNumber('toleranceMm', input.toleranceMm);
  if (input.toleranceMm < 0) throw new ReckoningFault('toleranceMm', 'must-not-be-negative');
  if (!Number.isInteger(input.maxLeaves) || input.maxLeaves < 1 || input.maxLeaves > MOST_LEAVES) {
    throw new ReckoningFault('maxLeaves', 'not-that-many', { most: MOST_LEAVES });
  }
  const target = inMillionths(input.targetMm);
  const tolerance = inMillionths(input.toleranceMm);
  const within: FeelerStack[] = [];
  let nearestBelow: FeelerStack | null = null;
  let nearestAbove: FeelerStack | null = null;
  for (const leavesMm of choices(input.leavesMm, input.maxLeaves)) {
    const stack = stackOf(leavesMm, input.targetMm);
    const off = inMillionths(stack.totalMm) - target;
    if (Math.abs(off) <= tolerance) within.push(stack);
    if (off < 0) nearestBelow = better(nearestBelow, stack);
    if (off > 0) nearestAbove = better(nearestAbove, stack);
  }
  return { stacks: within.sort(byMerit).slice(0, MOST_STACKS), nearestBelow, nearestAbove };
}

function stackOf(leavesMm: readonly number[], targetMm: number): FeelerStack {
  const totalMm = inMillionths(leavesMm.reduce((sum, mm) => sum + mm, 0)) / 1e6;
  return { leavesMm, totalMm, errorMm: inMillionths(totalMm - targetMm) / 1e6 };
}

/** Every different stack of one to `most` leaves, thickest first within each. */
function* choices(leavesMm: readonly number[], most: number): Generator<readonly number[]> {
  const sorted = [...leavesMm].sort((a, b) => b - a);
  const picked: number[] = [];
  function* from(start: number): Generator<readonly number[]> {
    for (let place = start; place < sorted.length; place += 1) {
      const leaf = sorted[place] ?? 0;
      // Of equal leaves the first stands for all: the same stack is not built twice.
      if (place > start && leaf === sorted[place - 1]) continue;
      picked.push(leaf);
      yield [...picked];
      if (picked.length < most) yield* from(place + 1);
      picked.pop();
    }
  }
  yield* from(0);
}

function better(best: FeelerStack | null, stack: FeelerStack): FeelerStack {
  return best === null || byMerit(stack, best) < 0 ? stack : best;
}

function byMerit(a: FeelerStack, b: FeelerStack): number {
  const steps = (stack: FeelerStack): number => Math.round(Math.abs(stack.errorMm) / ERROR_STEP_MM);
  return (
    steps(a) - steps(b) ||
    a.leavesMm.length - b.leavesMm.length ||
    (b.leavesMm.at(-1) ?? 0) - (a.leavesMm.at(-1) ?? 0) ||
    descending(a.leavesMm, b.leavesMm)
  );
}

/** Of two stacks, the one with the thicker leaf at the first place where they differ comes first. */
function descending(a: readonly number[], b: readonly number[]): number {
  const place = a.findIndex((leaf, at) => leaf !== b[at]);
  return place < 0 ? 0 : (b[place] ?? 0) - (a[place] ?? 0);
}
