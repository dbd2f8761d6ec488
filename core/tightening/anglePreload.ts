import { requireNotNegative, requirePositive } from '../quantity/reckoningFault';

export interface AnglePreloadInput {
  /** What clamps already when the turn begins. */
  readonly startKn: number;
  readonly angleDeg: number;
  readonly pitchMm: number;
  /** How stiff bolt and joint are: kilonewtons for a millimetre. */
  readonly fastenerKnPerMm: number;
  readonly jointKnPerMm: number;
}

export interface AnglePreload {
  readonly addedKn: number;
  readonly endKn: number;
  /** How far the nut or head travels along the thread. */
  readonly travelMm: number;
  /** What each further degree adds. */
  readonly knPerDeg: number;
}

/**
 * What a turn adds to the clamp while nothing yields: the travel of the thread, shared between the
 * stretch of the bolt and the squeeze of the joint. Friction has no part in it.
 * @throws ReckoningFault naming the field
 * @example anglePreload({ startKn: 20, angleDeg: 90, pitchMm: 1.75, fastenerKnPerMm: 180, jointKnPerMm: 720 })
 * // 63 kN added
 */
export function anglePreload(input: AnglePreloadInput): AnglePreload {
  const { startKn, angleDeg, pitchMm, fastenerKnPerMm, jointKnPerMm } = input;
  requireNotNegative('startKn', startKn);
  requirePositive('angleDeg', angleDeg);
  requirePositive('pitchMm', pitchMm);
  requirePositive('fastenerKnPerMm', fastenerKnPerMm);
  requirePositive('jointKnPerMm', jointKnPerMm);
  const travelMm = (angleDeg / 360) * pitchMm;
  const addedKn = travelMm / (1 / fastenerKnPerMm + 1 / jointKnPerMm);
  return { addedKn, endKn: startKn + addedKn, travelMm, knPerDeg: addedKn / angleDeg };
}
