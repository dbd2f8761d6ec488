import { apart, wrap } from '../overhead/cycle';
import type { CrankPlaceSpec } from '../sheet/spec/assembly';

/** Where the crank stands before something goes over the cylinders. */
export interface CoverCrank {
  /** After cylinder 1's firing top, 0 to under 360. */
  readonly atDeg: number;
  /** The cylinder that is brought there; null where none is meant by itself. */
  readonly cylinder: number | null;
  /** How far the nearest piston is from its top. */
  readonly fromTopDeg: number;
}

/**
 * Where a sheet's rule has the crank stand while a head or cylinder goes on: a cylinder at its firing
 * top; its rod at the top; or all pistons as far from their tops as they can be together, which is the
 * middle of the widest gap between tops, the first of several as it is turned on.
 * @param firing when each cylinder fires, in degrees after cylinder 1
 * @param cylinder the one under the head that goes on, where there is one for each
 * @returns null where the crank may stand anywhere, or there is no firing order to go by
 * @example coverCrank('pistons-off-top', [{ cylinder: 1, atDeg: 0 }, { cylinder: 2, atDeg: 180 }], null) // 90
 */
export function coverCrank(
  rule: CrankPlaceSpec['stands'],
  firing: readonly { readonly cylinder: number; readonly atDeg: number }[],
  cylinder: number | null,
): CoverCrank | null {
  if (rule === 'anywhere' || firing.length === 0) return null;
  const tops = [...new Set(firing.map(({ atDeg }) => onCircle(atDeg)))].sort((a, b) => a - b);
  const fromTop = (deg: number): number => Math.min(...tops.map((top) => apart(deg, top, 360)));
  if (rule === 'pistons-off-top') {
    const gaps = tops.map((top, at) => ({
      top,
      wide: onCircle((tops[at + 1] ?? tops[0] ?? 0) - top) || 360,
    }));
    const widest = gaps.reduce((best, gap) => (gap.wide > best.wide + 1e-9 ? gap : best));
    const atDeg = onCircle(widest.top + widest.wide / 2);
    return { atDeg, cylinder: null, fromTopDeg: fromTop(atDeg) };
  }
  const brought = firing.find((entry) => entry.cylinder === cylinder) ?? firing[0];
  if (!brought) return null;
  const atDeg = onCircle(brought.atDeg);
  return { atDeg, cylinder: brought.cylinder, fromTopDeg: fromTop(atDeg) };
}

/** Of one turn of the crank, whatever the strokes: both tops of a cylinder are tops. */
function onCircle(deg: number): number {
  return wrap(deg, 360);
}
