import { ReckoningFault, requireNumber, requirePositive } from '../quantity/reckoningFault';

export interface PistonTravelInput {
  /** From true top, in the running direction. */
  readonly crankDeg: number;
  readonly strokeMm: number;
  /** Between the centres of the rod's eyes. */
  readonly rodMm: number;
  /** Of the pin or the bore, towards the side the pin goes to after top. */
  readonly offsetMm?: number;
}

export interface PistonTravel {
  readonly belowTopMm: number;
}

/**
 * How far a piston stands below its highest place.
 *
 * With r half the stroke, l the rod, e the offset and θ = crank + asin(e / (r + l)), which is where the
 * crank pin stands when the piston is highest: √((r+l)² − e²) − r cos θ − √(l² − (r sin θ − e)²).
 * @throws ReckoningFault where the rod is no longer than half the stroke and the offset
 * @example pistonTravel({ crankDeg: 90, strokeMm: 100, rodMm: 200 }).belowTopMm // 56.35
 */
export function pistonTravel(input: PistonTravelInput): PistonTravel {
  const { crankDeg, strokeMm, rodMm, offsetMm = 0 } = input;
  requireNumber('crankDeg', crankDeg);
  requirePositive('strokeMm', strokeMm);
  requirePositive('rodMm', rodMm);
  requireNumber('offsetMm', offsetMm);
  const r = strokeMm / 2;
  if (rodMm <= r + Math.abs(offsetMm)) throw new ReckoningFault('rodMm', 'rod-too-short');
  const theta = (crankDeg * Math.PI) / 180 + Math.asin(offsetMm / (r + rodMm));
  const top = Math.sqrt((r + rodMm) ** 2 - offsetMm ** 2);
  const aside = r * Math.sin(theta) - offsetMm;
  return {
    belowTopMm: Math.max(0, top - r * Math.cos(theta) - Math.sqrt(rodMm ** 2 - aside ** 2)),
  };
}
