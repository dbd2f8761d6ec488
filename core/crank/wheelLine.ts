import { mean } from '../quantity/mean';
import { atMost, inMillionths } from '../quantity/withinLimits';

export interface WheelLineInput {
  /** How far the crank's wheel stands behind the line of the others, at several places of the crank. */
  readonly readingsMm: readonly number[];
  readonly withinMm: number;
  /** Sizes a shim comes in; any thickness when absent. */
  readonly shimsMm?: readonly number[];
}

export interface WheelLine {
  readonly meanMm: number;
  /** Largest less smallest: a wheel that is not seated, or bent. */
  readonly wobbleMm: number;
  /** `out` is cured by a shim, `proud` by one less, `wobbles` by neither. */
  readonly verdict: 'within' | 'out' | 'proud' | 'wobbles';
  /** The shim to put behind it that leaves least; null where none would help. */
  readonly shimMm: number | null;
  /** How far out of line it stands with that shim, or as it is without one; before it is negative. */
  readonly leftMm: number;
  /** On which side of the line it then stands. */
  readonly stands: 'behind' | 'in-line' | 'before';
}

/**
 * Do the wheels of a chain or belt run in one line, and by what shim would they? Read at several places,
 * because a wheel that is not square on its shaft is in line at one of them. A shim that would leave as
 * much as none, on the other side, is not offered.
 * @example wheelLine({ readingsMm: [0.5, 0.45, 0.55], withinMm: 0.2, shimsMm: [0.3, 0.5] }) // out, shim 0.5
 */
export function wheelLine({ readingsMm, withinMm, shimsMm }: WheelLineInput): WheelLine {
  const meanMm = mean(readingsMm);
  const wobbleMm = Math.max(...readingsMm) - Math.min(...readingsMm);
  const as = (verdict: WheelLine['verdict'], shimMm: number | null = null): WheelLine => {
    const leftMm = meanMm - (shimMm ?? 0);
    return { meanMm, wobbleMm, verdict, shimMm, leftMm, stands: sideOf(leftMm) };
  };
  if (!atMost(wobbleMm, withinMm)) return as('wobbles');
  if (atMost(Math.abs(meanMm), withinMm)) return as('within');
  if (meanMm < 0) return as('proud');
  const nearest = (best: number | null, mm: number): number =>
    best === null || !atMost(Math.abs(meanMm - best), Math.abs(meanMm - mm)) ? mm : best;
  if (!shimsMm) return as('out', meanMm);
  const helping = shimsMm.filter((mm) => !atMost(meanMm, Math.abs(meanMm - mm)));
  return as('out', helping.sort((a, b) => a - b).reduce(nearest, null as number | null));
}

function sideOf(leftMm: number): WheelLine['stands'] {
  const left = inMillionths(leftMm);
  if (left === 0) return 'in-line';
  return left > 0 ? 'behind' : 'before';
}
