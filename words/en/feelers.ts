import type { FeelerStack, FeelerStacks } from '@cardinex/core/overhead/feelerStack';
import { METRIC, length, lengthFigure, type ReaderUnits } from './quantity';

/** The leaves of a stack as one lays them together: "0.30 + 0.12". */
export function stackLeaves(stack: FeelerStack, units: ReaderUnits = METRIC): string {
  return stack.leavesMm.map((mm) => lengthFigure(mm, units.length)).join(' + ');
}

/** Which leaves to take, or the nearest pair where none will do. */
export function feelerSentence(
  { stacks, nearestBelow, nearestAbove }: FeelerStacks,
  units: ReaderUnits = METRIC,
): string {
  const [best] = stacks;
  if (best) {
    const exact = Math.abs(best.errorMm) < 1e-6;
    const how = exact ? 'exactly' : `${length(Math.abs(best.errorMm), units)} ${side(best)}`;
    return `Take ${stackLeaves(best, units)}: ${length(best.totalMm, units)}, ${how}.`;
  }
  const pair = [nearestBelow, nearestAbove].flatMap((stack) =>
    stack ? [`${stackLeaves(stack, units)} (${length(stack.totalMm, units)})`] : [],
  );
  return `No stack comes that near. The nearest: ${pair.join(' goes, ')}${pair.length > 1 ? ' does not' : ''}.`;
}

function side({ errorMm }: FeelerStack): string {
  return errorMm > 0 ? 'too thick' : 'too thin';
}
