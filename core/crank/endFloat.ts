import type { GapVerdict } from '../overhead/lashVerdict';
import { requireNumber } from '../quantity/reckoningFault';
import { againstBoth, requireClearanceLimits, type ClearanceLimits } from './runningClearance';

export interface EndFloatInput {
  /** The gauge with the shaft pushed one way, and the other. */
  readonly forwardMm: number;
  readonly backMm: number;
  readonly limits: ClearanceLimits;
}

export interface EndFloat {
  readonly mm: number;
  readonly verdict: GapVerdict;
}

/**
 * How far a shaft moves endways, from a gauge read with it pushed both ways.
 * @throws ReckoningFault on limits upside down
 * @example endFloat({ forwardMm: 0.31, backMm: 0.12, limits: { lowMm: 0.1, highMm: 0.3 } }) // 0.19, within
 */
export function endFloat({ forwardMm, backMm, limits }: EndFloatInput): EndFloat {
  requireNumber('forwardMm', forwardMm);
  requireNumber('backMm', backMm);
  requireClearanceLimits(limits);
  const mm = Math.abs(forwardMm - backMm);
  return { mm, verdict: againstBoth(mm, limits) };
}
