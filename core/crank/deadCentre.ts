import { inMillionths } from '../quantity/withinLimits';
import { ReckoningFault, requireNumber } from '../quantity/reckoningFault';
import { wrap } from '../overhead/cycle';

export interface DeadCentreInput {
  /** Where the wheel reads with the piston against the stop, coming up in the running direction. */
  readonly stopForwardDeg: number;
  /** The same, coming up backward. */
  readonly stopBackDeg: number;
}

export interface DeadCentre {
  /** Where the wheel reads at top dead centre: 0 <= tdcDeg < 360. */
  readonly tdcDeg: number;
  /** To be added to what the wheel reads, in (−180, 180]. */
  readonly correctionDeg: number;
}

/**
 * Top dead centre by a positive stop: halfway along the shorter of the two ways between where the piston
 * meets the stop from either side. It does not tell firing from overlap.
 * @throws ReckoningFault where both readings are one, or exactly half a turn apart
 * @example deadCentre({ stopForwardDeg: 340, stopBackDeg: 24 }) // tdcDeg 2, correctionDeg -2
 */
export function deadCentre({ stopForwardDeg, stopBackDeg }: DeadCentreInput): DeadCentre {
  requireNumber('stopForwardDeg', stopForwardDeg);
  requireNumber('stopBackDeg', stopBackDeg);
  const apart = wrap(stopBackDeg - stopForwardDeg, 360);
  const millionths = inMillionths(apart) % inMillionths(360);
  if (millionths === 0) throw new ReckoningFault('stopBackDeg', 'stops-alike');
  if (millionths === inMillionths(180)) throw new ReckoningFault('stopBackDeg', 'stops-opposite');
  const half = apart < 180 ? apart / 2 : (apart - 360) / 2;
  const tdcDeg = wrap(stopForwardDeg + half, 360);
  return { tdcDeg, correctionDeg: tdcDeg < 180 ? 0 - tdcDeg : 360 - tdcDeg };
}
