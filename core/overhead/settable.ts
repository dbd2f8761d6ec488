import { atLeast, inMillionths } from '../quantity/withinLimits';
import { requireNumber } from '../quantity/reckoningFault';
import { clearanceAt, firingAngles, requireOverhead, type Overhead } from './barringInput';
import { areCompanions, cycleDegrees, isRocking, wrap, type Strokes } from './cycle';

export type StrokeName = 'power' | 'exhaust' | 'intake' | 'compression' | 'overlap';

export interface SettableInput extends Overhead {
  /** Where the crank stands, after cylinder 1's firing top dead centre. */
  readonly atDeg: number;
}

export interface SettableHere {
  readonly items: readonly {
    readonly id: string;
    readonly clearanceDeg: number;
    /** `lifted`: the cam is on it. `near`: on the base circle but nearer than the margin. */
    readonly verdict: 'settable' | 'near' | 'lifted';
  }[];
  readonly cylinders: readonly {
    readonly cylinder: number;
    readonly localDeg: number;
    readonly stroke: StrokeName;
    /** Cylinders 360 degrees apart: one fires while the other is at its overlap. */
    readonly companions: readonly number[];
  }[];
}

/**
 * What every item and every cylinder is doing with the crank at one angle, and what may be set.
 * @throws ReckoningFault naming the field that cannot be worked with
 * @example
 * // Cylinder 1 at its firing top: its exhaust is 132 degrees from being lifted, 4's stands in the overlap.
 * settable({ ...overhead, atDeg: 0 }).items[0] // { id: 'E1', clearanceDeg: 132, verdict: 'settable' }
 */
export function settable(input: SettableInput): SettableHere {
  requireOverhead(input);
  requireNumber('atDeg', input.atDeg);
  const cycle = cycleDegrees(input.strokes);
  const firesAt = firingAngles(input.firing);
  return {
    items: input.items.map((item) => {
      const clearanceDeg = clearanceAt(item, firesAt, input.atDeg, cycle);
      const base = inMillionths(clearanceDeg) > 0 ? 'near' : 'lifted';
      const may = atLeast(clearanceDeg, input.marginDeg);
      return { id: item.id, clearanceDeg, verdict: may ? ('settable' as const) : base };
    }),
    cylinders: input.firing.map((f) => {
      const localDeg = wrap(input.atDeg - f.atDeg, cycle);
      return {
        cylinder: f.cylinder,
        localDeg,
        // To a millionth: what is a dead centre but for the last bit of a difference is one.
        stroke: strokeAt(inMillionths(localDeg) / 1e6, input.strokes),
        companions: input.firing
          .filter((other) => input.strokes === 4 && areCompanions(f.atDeg, other.atDeg))
          .map((other) => other.cylinder),
      };
    }),
  };
}

/** Which stroke a cylinder is on; 0 is read as the end of the cycle. */
function strokeAt(localDeg: number, strokes: Strokes): StrokeName {
  if (isRocking(localDeg, strokes)) return 'overlap';
  const local = localDeg === 0 ? cycleDegrees(strokes) : localDeg;
  if (local <= 180) return 'power';
  if (strokes === 2) return 'compression';
  if (local <= 360) return 'exhaust';
  return local <= 540 ? 'intake' : 'compression';
}
