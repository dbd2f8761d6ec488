import { ReckoningFault, requireNumber, requirePositive } from '../quantity/reckoningFault';

export interface RimInput {
  /** Exactly one of these three. */
  readonly deg?: number;
  readonly mm?: number;
  readonly teeth?: number;
  /** Diameter of the rim the millimetres are measured on. */
  readonly rimDiaMm?: number;
  /** Teeth of the ring gear. */
  readonly teethTotal?: number;
}

export interface Rim {
  readonly deg: number;
  /** Along the rim; absent where its diameter is not known. */
  readonly mm?: number;
  /** Absent where the ring gear is not known. */
  readonly teeth?: number;
}

const WAYS = ['deg', 'mm', 'teeth'] as const;

/**
 * One angle of the crank in the other ways of measuring it: degrees, millimetres along a rim, teeth of
 * the ring gear. Negative is backward.
 * @throws ReckoningFault `one-of` unless exactly one is given; `missing-partner` for millimetres without
 *   a diameter or teeth without their total
 * @example rim({ deg: 90, rimDiaMm: 400, teethTotal: 132 }) // { deg: 90, mm: 314.15…, teeth: 33 }
 */
export function rim(input: RimInput): Rim {
  const given = WAYS.filter((way) => input[way] !== undefined);
  const way = given[0];
  if (way === undefined || given.length > 1) {
    throw new ReckoningFault(given[1] ?? 'deg', 'one-of', { fields: WAYS });
  }
  const { rimDiaMm, teethTotal } = input;
  if (rimDiaMm !== undefined) requirePositive('rimDiaMm', rimDiaMm);
  if (teethTotal !== undefined) {
    requirePositive('teethTotal', teethTotal);
    if (!Number.isInteger(teethTotal)) throw new ReckoningFault('teethTotal', 'must-be-whole');
  }
  const value = input[way] ?? 0;
  requireNumber(way, value);
  const deg = value * degreesIn(way, rimDiaMm, teethTotal);
  return {
    deg,
    ...(rimDiaMm !== undefined && { mm: way === 'mm' ? value : (deg / 360) * Math.PI * rimDiaMm }),
    ...(teethTotal !== undefined && { teeth: way === 'teeth' ? value : (deg / 360) * teethTotal }),
  };
}

/** Degrees in one unit of the way it was measured. */
function degreesIn(
  way: (typeof WAYS)[number],
  rimDiaMm: number | undefined,
  teethTotal: number | undefined,
): number {
  if (way === 'deg') return 1;
  if (way === 'mm') {
    if (rimDiaMm === undefined) throw new ReckoningFault('rimDiaMm', 'missing-partner');
    return 360 / (Math.PI * rimDiaMm);
  }
  if (teethTotal === undefined) throw new ReckoningFault('teethTotal', 'missing-partner');
  return 360 / teethTotal;
}
