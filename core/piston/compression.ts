import {
  ReckoningFault,
  requireNotNegative,
  requireNumber,
  requirePositive,
} from '../quantity/reckoningFault';
import { inMillionths } from '../quantity/withinLimits';

export interface CompressionInput {
  readonly boreMm: number;
  readonly strokeMm: number;
  /** In the head, valves shut. */
  readonly chamberCc: number;
  /** In the crown; a dome is negative. */
  readonly bowlCc: number;
  readonly gasketBoreMm: number;
  /** As compressed. */
  readonly gasketMm: number;
  /** Of the crown over the deck; below it is negative. */
  readonly standOutMm: number;
  /** Cut into the crown for the valves. */
  readonly valveReliefCc?: number;
}

export interface Compression {
  readonly ratio: number;
  /** What a gasket thicker by a tenth of a millimetre would add: it lowers it. */
  readonly changePerTenthMm: number;
  readonly sweptCc: number;
  /** All that is left above the piston at its top. */
  readonly clearanceCc: number;
}

/**
 * The compression ratio: all that is above the piston at the bottom over what is left at the top,
 * which is chamber + bowl + reliefs + gasket hole − the part of the crown that stands proud.
 * @throws ReckoningFault naming the field; `no-clearance-left` when nothing remains
 * @example
 * // Bore 105, stroke 127: 1099.7 cm³ swept over 65.3 cm³ left at the top.
 * compression({ boreMm: 105, strokeMm: 127, chamberCc: 6, bowlCc: 52, gasketBoreMm: 107, gasketMm: 1.3, standOutMm: 0.51 }).ratio // 17.85
 */
export function compression(input: CompressionInput): Compression {
  const { boreMm, strokeMm, chamberCc, bowlCc, gasketBoreMm, gasketMm, standOutMm } = input;
  const { valveReliefCc = 0 } = input;
  requirePositive('boreMm', boreMm);
  requirePositive('strokeMm', strokeMm);
  requireNotNegative('chamberCc', chamberCc);
  requireNumber('bowlCc', bowlCc);
  requirePositive('gasketBoreMm', gasketBoreMm);
  requireNotNegative('gasketMm', gasketMm);
  requireNumber('standOutMm', standOutMm);
  requireNotNegative('valveReliefCc', valveReliefCc);
  const sweptCc = cylinderCc(boreMm, strokeMm);
  const clearanceWith = (gasket: number): number =>
    chamberCc +
    bowlCc +
    valveReliefCc +
    cylinderCc(gasketBoreMm, gasket) -
    cylinderCc(boreMm, standOutMm);
  const clearanceCc = clearanceWith(gasketMm);
  if (inMillionths(clearanceCc) <= 0) throw new ReckoningFault('standOutMm', 'no-clearance-left');
  const ratio = (sweptCc + clearanceCc) / clearanceCc;
  const thicker = clearanceWith(gasketMm + 0.1);
  return {
    ratio,
    changePerTenthMm: (sweptCc + thicker) / thicker - ratio,
    sweptCc,
    clearanceCc,
  };
}

function cylinderCc(diaMm: number, heightMm: number): number {
  return ((Math.PI / 4) * diaMm * diaMm * heightMm) / 1000;
}
