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
import { cheapestAssignment } from './shims/assign';

export interface TappetShimsInput {
  readonly valves: readonly {
    readonly id: string;
    /** The gap as it is, over the shim that is in. */
    readonly measuredMm: number;
    readonly fittedMm: number;
  }[];
  readonly lowMm: number;
  readonly highMm: number;
  /** Default the middle. */
  readonly targetMm?: number;
  /** Shims that can be had besides those taken out. */
  readonly stock: readonly { readonly mm: number; readonly count: number }[];
}

export interface ShimChoice {
  readonly id: string;
  readonly shimMm: number;
  readonly gapMm: number;
  /** The valve it comes out of, this one itself where it stays; null from the stock. */
  readonly from: string | null;
}

export interface TappetShims {
  readonly shims: readonly ShimChoice[];
  /** Valves for which nothing is left that fits, and what would. */
  readonly unserved: readonly {
    readonly id: string;
    readonly lowMm: number;
    readonly highMm: number;
    readonly bestMm: number;
  }[];
  readonly bought: number;
  /** What has to be taken from the stock. */
  readonly take: readonly { readonly mm: number; readonly count: number }[];
  /** Of |gap − target|, over the valves that have one. */
  readonly sumOffMm: number;
}

export const MOST_VALVES = 60;
export const MOST_SIZES = 100;
/** Limits further apart than this are no gap of a valve. */
const MOST_WIDE_MM = 10;

/**
 * A shim for every valve, from those taken out and the stock: a new gap is the measured one plus the
 * shim that was in less the one that goes in.
 *
 * Exact, in this order of merit: most valves within their limits; fewest bought from the stock; least
 * sum of |gap − target|; fewest that leave the valve they came out of. All four are put into one whole
 * number for each valve and shim, and the cheapest assignment found.
 * @throws ReckoningFault naming the field
 * @example
 * // E1 0.10 too tight and I1 0.10 too wide change shims; only E2 needs one from the stock.
 * tappetShims(input).bought // 1
 */
export function tappetShims(input: TappetShimsInput): TappetShims {
  requireShims(input);
  const { valves, lowMm, highMm, stock } = input;
  const targetMm = input.targetMm ?? (lowMm + highMm) / 2;
  const pool = [
    ...valves.map(({ id, fittedMm }) => ({ mm: fittedMm, from: id as string | null })),
    ...stock.flatMap(({ mm, count }) =>
      Array.from({ length: Math.min(count, valves.length) }, () => ({ mm, from: null })),
    ),
  ];
  const [low, high, target] = [lowMm, highMm, targetMm].map(inMillionths) as [
    number,
    number,
    number,
  ];
  const gapOf = (valve: number, shimMm: number): number => {
    const { measuredMm = 0, fittedMm = 0 } = valves[valve] ?? {};
    return measuredMm + fittedMm - shimMm;
  };
  // Each weighs more than all that comes after it can add up to.
  const count = valves.length;
  const moved = 1;
  const off = count * moved + 1;
  const widest = Math.max(Math.abs(high - target), Math.abs(target - low));
  const bought = off * (count * widest + 1);
  const unserved = bought * (count + 1);
  const cost = valves.map(({ id }, valve) => {
    const row = new Float64Array(pool.length + count).fill(unserved);
    pool.forEach(({ mm, from }, place) => {
      const gap = inMillionths(gapOf(valve, mm));
      row[place] =
        gap < low || gap > high
          ? unserved * (count + 1)
          : off * Math.abs(gap - target) + (from === null ? bought : 0) + (from === id ? 0 : moved);
    });
    return row;
  });
  const chosen = cheapestAssignment(cost);
  const served = valves.flatMap(({ id }, valve): ShimChoice[] => {
    const shim = pool[chosen[valve] ?? -1];
    return shim ? [{ id, shimMm: shim.mm, gapMm: gapOf(valve, shim.mm), from: shim.from }] : [];
  });
  const without = valves.filter(({ id }) => !served.some((choice) => choice.id === id));
  return {
    shims: served,
    unserved: without.map(({ id, measuredMm, fittedMm }) => ({
      id,
      lowMm: measuredMm + fittedMm - highMm,
      highMm: measuredMm + fittedMm - lowMm,
      bestMm: measuredMm + fittedMm - targetMm,
    })),
    bought: served.filter(({ from }) => from === null).length,
    take: stock.flatMap(({ mm }) => {
      const taken = served.filter(({ from, shimMm }) => from === null && shimMm === mm).length;
      return taken > 0 ? [{ mm, count: taken }] : [];
    }),
    sumOffMm: served.reduce((sum, { gapMm }) => sum + Math.abs(gapMm - targetMm), 0),
  };
}

function requireShims(input: TappetShimsInput): void {
  const { valves, lowMm, highMm, targetMm, stock } = input;
  requireSome('valves', valves);
  requireAtMost('valves', valves.length, MOST_VALVES);
  requireDistinct(
    'valves',
    valves.map(({ id }) => id),
  );
  valves.forEach(({ measuredMm, fittedMm }, at) => {
    requireNotNegative(`valves[${at}].measuredMm`, measuredMm);
    requirePositive(`valves[${at}].fittedMm`, fittedMm);
  });
  requireNotNegative('lowMm', lowMm);
  requireNumber('highMm', highMm);
  if (inMillionths(highMm) < inMillionths(lowMm))
    throw new ReckoningFault('highMm', 'range-upside-down');
  requireAtMost('highMm', highMm - lowMm, MOST_WIDE_MM);
  if (targetMm !== undefined) {
    requireNumber('targetMm', targetMm);
    if (
      inMillionths(targetMm) < inMillionths(lowMm) ||
      inMillionths(targetMm) > inMillionths(highMm)
    )
      throw new ReckoningFault('targetMm', 'between', { low: lowMm, high: highMm });
  }
  requireAtMost('stock', stock.length, MOST_SIZES);
  requireDistinct(
    'stock',
    stock.map(({ mm }) => inMillionths(mm)),
    'mm',
  );
  stock.forEach(({ mm, count }, at) => {
    requirePositive(`stock[${at}].mm`, mm);
    requireWhole(`stock[${at}].count`, count);
  });
}
