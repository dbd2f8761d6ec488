import {
  ReckoningFault,
  requireDistinct,
  requireNotNegative,
  requirePositive,
  requireSome,
} from '../quantity/reckoningFault';
import { atLeast, atMost } from '../quantity/withinLimits';

/** Printed as a range, or by the bore: so much gap for each millimetre of it, and what it may exceed that by. */
export type RingGapLimit =
  | { readonly lowMm: number; readonly highMm: number }
  | { readonly perBoreMm: number; readonly toleranceMm: number };

export interface MeasuredRing {
  readonly id: string;
  readonly measuredMm: number;
  /** How wide the bore is where the ring was squared; the tightest place unless given. */
  readonly measuredAtBoreMm?: number;
  readonly limit?: RingGapLimit;
  /** Where one ring differs from the rest. */
  readonly fileable?: boolean;
}

export interface RingGapInput {
  readonly rings: readonly MeasuredRing[];
  readonly boreMm: number;
  /** Where the ring is squeezed most; the nominal bore unless given. */
  readonly tightestBoreMm?: number;
  /** False for rings supplied gapped: they are never filed. */
  readonly fileable: boolean;
}

export type RingGapVerdict = 'within' | 'file' | 'do-not-file' | 'reject' | 'no-limit';

export interface RingGapFinding {
  readonly id: string;
  /** At the tightest place of its travel. */
  readonly correctedMm: number;
  readonly lowMm?: number;
  readonly highMm?: number;
  readonly verdict: RingGapVerdict;
  /** What is missing to the least gap, and to the greatest. */
  readonly leastOffMm?: number;
  readonly mostOffMm?: number;
}

export interface RingGap {
  readonly rings: readonly RingGapFinding[];
  readonly tightestBoreMm: number;
  /** `within` only when every ring was held against a limit. */
  readonly overall: 'within' | 'out' | 'no-limit';
}

/**
 * The end gaps of a cylinder's rings at the tightest place they pass, and what is done about each.
 * A bore narrower by d closes a gap by pi d.
 * @throws ReckoningFault naming the field
 * @example
 * ringGap({ rings: [{ id: 'top', measuredMm: 0.3, limit: { lowMm: 0.35, highMm: 0.6 } }], boreMm: 105, fileable: true })
 * // rings[0]: file, least 0.05, most 0.3
 */
export function ringGap(input: RingGapInput): RingGap {
  const { rings, boreMm, fileable } = input;
  requireSome('rings', rings);
  requireDistinct(
    'rings',
    rings.map(({ id }) => id),
  );
  requirePositive('boreMm', boreMm);
  const tightestBoreMm = input.tightestBoreMm ?? boreMm;
  requirePositive('tightestBoreMm', tightestBoreMm);
  const found = rings.map((ring, at): RingGapFinding => {
    const { id, measuredMm, measuredAtBoreMm = tightestBoreMm } = ring;
    requireNotNegative(`rings[${at}].measuredMm`, measuredMm);
    requirePositive(`rings[${at}].measuredAtBoreMm`, measuredAtBoreMm);
    const correctedMm = measuredMm - Math.PI * (measuredAtBoreMm - tightestBoreMm);
    const limits = ring.limit && limitsOf(ring.limit, boreMm, `rings[${at}].limit`);
    if (!limits) return { id, correctedMm, verdict: 'no-limit' };
    const [lowMm, highMm] = limits;
    if (!atMost(correctedMm, highMm)) return { id, correctedMm, lowMm, highMm, verdict: 'reject' };
    if (atLeast(correctedMm, lowMm)) return { id, correctedMm, lowMm, highMm, verdict: 'within' };
    return {
      id,
      correctedMm,
      lowMm,
      highMm,
      verdict: (ring.fileable ?? fileable) ? 'file' : 'do-not-file',
      leastOffMm: lowMm - correctedMm,
      mostOffMm: highMm - correctedMm,
    };
  });
  return { rings: found, tightestBoreMm, overall: overallOf(found) };
}

function limitsOf(limit: RingGapLimit, boreMm: number, field: string): readonly [number, number] {
  if ('perBoreMm' in limit) {
    requirePositive(`${field}.perBoreMm`, limit.perBoreMm);
    requireNotNegative(`${field}.toleranceMm`, limit.toleranceMm);
    const least = limit.perBoreMm * boreMm;
    return [least, least + limit.toleranceMm];
  }
  const { lowMm, highMm } = limit;
  requireNotNegative(`${field}.lowMm`, lowMm);
  requireNotNegative(`${field}.highMm`, highMm);
  if (!atMost(lowMm, highMm)) {
    throw new ReckoningFault(`${field}.highMm`, 'range-upside-down');
  }
  return [lowMm, highMm];
}

function overallOf(found: readonly RingGapFinding[]): RingGap['overall'] {
  if (found.some(({ verdict }) => verdict !== 'within' && verdict !== 'no-limit')) return 'out';
  return found.every(({ verdict }) => verdict === 'within') ? 'within' : 'no-limit';
}
