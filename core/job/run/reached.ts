import { atLeast, atMost } from '../../quantity/withinLimits';
import type { TightenAct } from '../../tightening/tightenPlan';

/** What a reading may be to count as the value that was asked for. */
interface Band {
  readonly low: number;
  readonly high: number;
}

/** Where a single figure is printed: by so much a reading may miss it. */
const TORQUE_TOLERANCE = 0.04;
const ANGLE_TOLERANCE_DEG = 3;
/** A pump is stopped by its gauge: closer than a wrench. */
const PRESSURE_TOLERANCE = 0.02;

/**
 * Between what a reached value counts as the one asked for: the printed range; else four hundredths of
 * a torque either way, three degrees of an angle, two hundredths of a pressure.
 * @returns in newton metres, degrees or bar; null for what is not pulled by a reading
 */
export function bandOf(act: TightenAct): Band | null {
  const { kind, nm, lowNm, highNm, deg, lowDeg, highDeg, bar } = act;
  if (kind === 'torque' || kind === 'check') {
    if (lowNm !== undefined && highNm !== undefined) return { low: lowNm, high: highNm };
    return nm === undefined ? null : around(nm, TORQUE_TOLERANCE);
  }
  if (kind === 'hydraulic' || kind === 'hydraulic-check') {
    return bar === undefined ? null : around(bar, PRESSURE_TOLERANCE);
  }
  if (kind !== 'angle') return null;
  if (lowDeg !== undefined && highDeg !== undefined) return { low: lowDeg, high: highDeg };
  return deg === undefined
    ? null
    : { low: deg - ANGLE_TOLERANCE_DEG, high: deg + ANGLE_TOLERANCE_DEG };
}

function around(value: number, share: number): Band {
  return { low: value * (1 - share), high: value * (1 + share) };
}

type ReachedVerdict = 'within' | 'short' | 'over';

/**
 * Did a reading reach what was asked for? At the ends of the band it did.
 * @param reached newton metres for a pull, degrees for a turn, bar for a pump
 */
export function reachedVerdict(act: TightenAct, reached: number): ReachedVerdict {
  const band = bandOf(act);
  if (!band) return 'within';
  if (!atLeast(reached, band.low)) return 'short';
  return atMost(reached, band.high) ? 'within' : 'over';
}
