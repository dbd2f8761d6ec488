import type { LinerArrangeInput, PlacedLiner } from './arrange/input';
import {
  ReckoningFault,
  requireAtMost,
  requireDistinct,
  requireNotNegative,
  requireNumber,
  requirePositive,
  requireSome,
  requireWhole,
} from '../quantity/reckoningFault';
import { inMillionths } from '../quantity/withinLimits';
import { breaksOf, type ArrangeBreak } from './arrange/breaks';
import { cureOf, type Cure } from './arrange/cure';
import { best, type Found } from './arrange/search';
import { stacksOf, type Stack } from './arrange/stacks';
import { requireStandOutLimits } from './linerCheck';

export interface LinerArrange {
  readonly feasible: boolean;
  /** In the order of the bores. */
  readonly placement: readonly PlacedLiner[];
  /** Between neighbours of one bank; 0 where there are none. */
  readonly largestAdjacentMm: number;
  /** Sum of how far each stands from the target. */
  readonly offTargetMm: number;
  readonly shimsUsed: number;
  /** Bores that get another liner than the one of their own id. */
  readonly moved: readonly string[];
  /** Over all broken limits together; 0 when none is. */
  readonly totalExcessMm: number;
  readonly breaks: readonly ArrangeBreak[];
  /** All of these together make the placement hold; empty when it does. */
  readonly cure: readonly Cure[];
}

/** Most liners that are placed among each other. */
export const MOST_LINERS = 16;
export const MOST_SHIM_SIZES = 8;
export const MOST_SHIMS = 4;

/**
 * Which liner goes where, on which shims: stand-out = flange − counterbore + shims.
 *
 * Exact. No broken limit (or the least total excess over heights, neighbours, order and head group);
 * then the smallest largest difference of neighbours; then the least sum of distances from the
 * target; then the fewest shims; then the fewest liners away from the bore of their own id; then the
 * least in list order: bank by bank and bore by bore the earlier liner, then the stack of fewer, then
 * thinner shims.
 * Heights are compared in millionths of a millimetre; neighbours within 0.005 mm count as equal in
 * the order of heights, as in `linerCheck`.
 * @param onProgress told the share done, 0 to 1, as the search goes on
 * @throws ReckoningFault naming the field
 * @example
 * // Four liners in four bores, limits 0.05 to 0.12, neighbours within 0.04: 2 and 3 change places.
 * linerArrange(input).moved // ['2', '3']
 */
export function linerArrange(
  input: LinerArrangeInput,
  onProgress?: (share: number) => void,
): LinerArrange {
  requireInput(input);
  const stacks = stacksOf(input.shims, input.shimRequired, input.maxShims);
  const found = best(input, stacks, onProgress);
  if (!found) throw new ReckoningFault('liners', 'cannot-be-placed');
  return answerOf(input, stacks, found);
}

function answerOf(input: LinerArrangeInput, stacks: readonly Stack[], found: Found): LinerArrange {
  const placement = input.bores.map((bore): PlacedLiner => {
    const option = found.byBore.get(bore.id);
    const liner = input.liners[option?.liner ?? 0];
    const stack = stacks[option?.stack ?? 0];
    if (!liner || !stack) throw new Error(`bore ${bore.id} left without a liner`);
    return {
      bore: bore.id,
      liner: liner.id,
      shimsMm: stack.shimsMm,
      standOutMm: liner.flangeMm - bore.counterboreMm + stack.totalMm,
    };
  });
  const breaks = breaksOf(input, placement);
  const totalExcessMm = breaks.reduce((sum, { excessMm }) => sum + excessMm, 0);
  return {
    feasible: breaks.length === 0,
    placement,
    largestAdjacentMm: found.cost.largest / 1e6,
    offTargetMm: found.cost.offTarget / 1e6,
    shimsUsed: found.cost.shims,
    moved: placement.filter(({ bore, liner }) => bore !== liner).map(({ bore }) => bore),
    totalExcessMm,
    breaks,
    cure: breaks.length === 0 ? [] : cureOf(input, placement),
  };
}

function requireInput(input: LinerArrangeInput): void {
  const { bores, liners, shims, shimRequired, maxShims, limits, targetMm } = input;
  requireSome('bores', bores);
  requireSome('liners', liners);
  requireDistinct('bores', idsOf(bores));
  requireDistinct('liners', idsOf(liners));
  requireDistinct(
    'shims',
    shims.map(({ mm }) => inMillionths(mm)),
    'mm',
  );
  bores.forEach(({ counterboreMm }, at) =>
    requireNotNegative(`bores[${at}].counterboreMm`, counterboreMm),
  );
  liners.forEach(({ flangeMm, onlyBore }, at) => {
    requirePositive(`liners[${at}].flangeMm`, flangeMm);
    if (onlyBore !== undefined && !bores.some(({ id }) => id === onlyBore)) {
      throw new ReckoningFault(`liners[${at}].onlyBore`, 'unknown-bore', { id: onlyBore });
    }
  });
  if (liners.length < bores.length) {
    throw new ReckoningFault('liners', 'fewer-than-bores', { bores: bores.length });
  }
  requireAtMost('liners', liners.length, MOST_LINERS);
  requireAtMost('shims', shims.length, MOST_SHIM_SIZES);
  shims.forEach(({ mm, count }, at) => {
    requirePositive(`shims[${at}].mm`, mm);
    requireWhole(`shims[${at}].count`, count);
  });
  requireWhole('maxShims', maxShims);
  requireAtMost('maxShims', maxShims, MOST_SHIMS);
  const stock = shims.reduce((sum, { count }) => sum + count, 0);
  if (shimRequired && (maxShims === 0 || stock < bores.length)) {
    throw new ReckoningFault(maxShims === 0 ? 'maxShims' : 'shims', 'too-few-shims', {
      bores: bores.length,
    });
  }
  requireStandOutLimits(limits);
  if (targetMm !== undefined) requireNumber('targetMm', targetMm);
}

function idsOf(list: readonly { readonly id: string }[]): readonly string[] {
  return list.map(({ id }) => id);
}
