import { againstLimit, worstOf, type LimitVerdict } from '../quantity/limitVerdict';
import {
  ReckoningFault,
  requireDistinct,
  requireNotNegative,
  requirePositive,
  requireSome,
} from '../quantity/reckoningFault';
import { inMillionths } from '../quantity/withinLimits';

export interface Piece {
  readonly id: string;
  readonly grams: number;
}

export interface MatchMassInput {
  readonly pieces: readonly Piece[];
  /** Most they may differ: all of one set, or the two of a pair where pairs are asked. */
  readonly limitGrams?: number;
  /** For opposed engines: which two go opposite each other. */
  readonly pairs?: boolean;
}

export interface MassPair {
  readonly ids: readonly [string, string];
  readonly differenceGrams: number;
  readonly verdict: LimitVerdict;
}

export interface MatchMass {
  readonly spreadGrams: number;
  readonly lightest: string;
  readonly heaviest: string;
  /** Where pairs were asked, the pair of the lightest first. */
  readonly pairs?: readonly MassPair[];
  readonly largestDifferenceGrams?: number;
  /** On the pairs where pairs were asked, else on the spread. */
  readonly verdict: LimitVerdict;
  /** What the heaviest would have to lose for the spread, or its pair, to come within; 0 when it is. */
  readonly excessGrams: number;
}

/**
 * Whether pieces are near enough alike in mass, and for opposed engines which belong opposite each
 * other: the smallest largest difference, then the least sum.
 *
 * In order of mass, each with the next: a pairing in which two pairs overlap or lie one inside the
 * other can be uncrossed so, and neither its largest difference nor the sum grows by it. Equal
 * masses stand in the order they were listed.
 * @throws ReckoningFault naming the field
 * @example
 * // 902, 911, 904 and 909 g: spread 9 g, but 1 with 3 and 4 with 2 differ by 2 g each.
 * matchMass({ pieces, limitGrams: 4, pairs: true }).largestDifferenceGrams // 2
 */
export function matchMass({ pieces, limitGrams, pairs = false }: MatchMassInput): MatchMass {
  requireSome('pieces', pieces);
  requireDistinct(
    'pieces',
    pieces.map(({ id }) => id),
  );
  pieces.forEach(({ grams }, at) => requirePositive(`pieces[${at}].grams`, grams));
  if (limitGrams !== undefined) requireNotNegative('limitGrams', limitGrams);
  if (pairs && pieces.length % 2 === 1) throw new ReckoningFault('pieces', 'odd-count');
  const sorted = [...pieces].sort((a, b) => inMillionths(a.grams) - inMillionths(b.grams));
  const [first, last] = [sorted[0], sorted.at(-1)];
  if (!first || !last) throw new ReckoningFault('pieces', 'empty');
  const spreadGrams = last.grams - first.grams;
  const ends = { spreadGrams, lightest: first.id, heaviest: last.id };
  const over = (grams: number): number => Math.max(0, grams - (limitGrams ?? Infinity));
  if (!pairs) {
    const verdict = againstLimit(spreadGrams, limitGrams);
    return { ...ends, verdict, excessGrams: verdict === 'over' ? over(spreadGrams) : 0 };
  }
  const paired = sorted.flatMap((light, at): MassPair[] => {
    const heavy = sorted[at + 1];
    if (at % 2 === 1 || !heavy) return [];
    const differenceGrams = heavy.grams - light.grams;
    const verdict = againstLimit(differenceGrams, limitGrams);
    return [{ ids: [light.id, heavy.id], differenceGrams, verdict }];
  });
  const largestDifferenceGrams = Math.max(...paired.map((pair) => pair.differenceGrams));
  const verdict = worstOf(paired.map((pair) => pair.verdict));
  const excessGrams = verdict === 'over' ? over(largestDifferenceGrams) : 0;
  return { ...ends, pairs: paired, largestDifferenceGrams, verdict, excessGrams };
}
