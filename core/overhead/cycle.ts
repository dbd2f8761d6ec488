import { ReckoningFault } from '../quantity/reckoningFault';

export type Strokes = 4 | 2;

/** A part of a cylinder's own cycle in degrees, running forward; it may wrap past the end. */
export interface Window {
  readonly fromDeg: number;
  readonly toDeg: number;
}

/** How near its overlap a cylinder counts as rocking, in crank degrees either side. */
const ROCKING_DEG = 30;

/** Crank degrees in one working cycle. */
export function cycleDegrees(strokes: Strokes): number {
  return strokes === 4 ? 720 : 360;
}

/** `degrees` brought into [0, cycle), whatever its sign. */
export function wrap(degrees: number, cycle: number): number {
  const rest = degrees % cycle;
  return rest < 0 ? rest + cycle : rest === 0 ? 0 : rest;
}

/** How far forward one has to bar to come from one angle to another, in [0, cycle). */
export function forwardDistance(fromDeg: number, toDeg: number, cycle: number): number {
  return wrap(toDeg - fromDeg, cycle);
}

/** Between two angles of a cycle, the shorter way. */
export function apart(oneDeg: number, otherDeg: number, cycle: number): number {
  const forward = forwardDistance(oneDeg, otherDeg, cycle);
  return Math.min(forward, cycle - forward);
}

/**
 * How far a follower is from the nearest end of the window in which its cam lifts it.
 *
 * Positive on the base circle, 0 at either end, negative inside the window.
 * @param localDeg the angle in the cylinder's own cycle, 0 at its firing top dead centre
 * @param active the part of that cycle in which the follower is off its base circle
 * @throws ReckoningFault `window-without-length` when from = to
 */
export function clearanceFrom(active: Window, localDeg: number, cycle: number): number {
  const length = forwardDistance(active.fromDeg, active.toDeg, cycle);
  if (length === 0) throw new ReckoningFault('active', 'window-without-length');
  const intoWindow = forwardDistance(active.fromDeg, localDeg, cycle);
  if (intoWindow <= length) return -Math.min(intoWindow, length - intoWindow) || 0;
  return Math.min(intoWindow - length, cycle - intoWindow);
}

/** Is this local angle within {@link ROCKING_DEG} of the cylinder's overlap? Four-stroke only. */
export function isRocking(localDeg: number, strokes: Strokes): boolean {
  return strokes === 4 && Math.abs(localDeg - 360) <= ROCKING_DEG + 1e-6;
}

/** Are two cylinders a turn apart, within half a degree? One fires while the other is at its overlap. */
export function areCompanions(oneDeg: number, otherDeg: number): boolean {
  return Math.abs(wrap(otherDeg - oneDeg, 720) - 360) <= 0.5 + 1e-6;
}
