import { inMillionths } from '../quantity/withinLimits';
import { requireNumber, requirePositive } from '../quantity/reckoningFault';

/** Where the adjusting screw sits: over the push rod, over the valve, or at a pivot nut. */
export type ScrewPlace = 'pushrod' | 'valve' | 'pivot';

export interface ScrewTurnInput {
  readonly measuredMm: number;
  readonly targetMm: number;
  readonly pitchMm: number;
  /** Valve arm over push-rod arm. */
  readonly rockerRatio: number;
  readonly screwAt: ScrewPlace;
  /** Does screwing in close the gap? Default true. */
  readonly inCloses?: boolean;
}

export interface ScrewTurn {
  readonly turns: number;
  readonly deg: number;
  readonly direction: 'in' | 'out' | 'none';
}

/**
 * How far, and which way, to turn the adjusting screw to bring a gap from measured to target.
 *
 * One turn changes the gap by the pitch times the ratio at the push rod, times 1 at the valve,
 * times 1 + ratio at a pivot nut (lowering the pivot moves both arms).
 * @throws ReckoningFault naming the field
 * @example screwTurn({ measuredMm: 0.45, targetMm: 0.3, pitchMm: 1, rockerRatio: 1.5, screwAt: 'pushrod' })
 * // { turns: 0.1, deg: 36, direction: 'in' }
 */
export function screwTurn(input: ScrewTurnInput): ScrewTurn {
  requireNumber('measuredMm', input.measuredMm);
  requireNumber('targetMm', input.targetMm);
  requirePositive('pitchMm', input.pitchMm);
  requirePositive('rockerRatio', input.rockerRatio);
  const leverage = { pushrod: input.rockerRatio, valve: 1, pivot: 1 + input.rockerRatio };
  const excessMm = input.measuredMm - input.targetMm;
  if (inMillionths(excessMm) === 0) return { turns: 0, deg: 0, direction: 'none' };
  const turns = Math.abs(excessMm) / (input.pitchMm * leverage[input.screwAt]);
  const closes = excessMm > 0;
  const screwsIn = closes === (input.inCloses ?? true);
  return { turns, deg: turns * 360, direction: screwsIn ? 'in' : 'out' };
}
