import { wrap } from '../overhead/cycle';

/** Where the crank stands for a piston to go in. */
interface PistonPlacing {
  readonly cylinder: number;
  /** After cylinder 1's top, 0 to under 360. */
  readonly atDeg: number;
  /** Cylinders whose throws stand there too. */
  readonly together: readonly number[];
}

/**
 * The crank for each piston: its throw at the bottom, where a rod pushed down cannot strike it; at the
 * top for a cylinder that goes over its piston.
 * @param firing when each cylinder fires, in degrees after cylinder 1
 * @example pistonPlacings([{ cylinder: 1, atDeg: 0 }, { cylinder: 3, atDeg: 180 }], 'bottom') // 1 at 180, 3 at 0
 */
export function pistonPlacings(
  firing: readonly { readonly cylinder: number; readonly atDeg: number }[],
  at: 'bottom' | 'top',
): readonly PistonPlacing[] {
  const placed = firing.map(({ cylinder, atDeg }) => ({
    cylinder,
    atDeg: wrap(atDeg + (at === 'bottom' ? 180 : 0), 360),
  }));
  return placed.map(({ cylinder, atDeg }) => ({
    cylinder,
    atDeg,
    together: placed
      .filter((other) => other.cylinder !== cylinder && Math.abs(other.atDeg - atDeg) < 0.5)
      .map((other) => other.cylinder),
  }));
}
