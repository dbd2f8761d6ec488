import type { Point } from '../shape';
import { coordinate } from './coordinate';

/**
 * A point of a clock face.
 *
 * @param deg clockwise from the top
 * @param radius in the drawing's units
 * @param centre where the clock has its middle
 */
export function clockPoint(deg: number, radius: number, [cx, cy]: Point = [0, 0]): Point {
  const rad = (deg * Math.PI) / 180;
  return [cx + radius * Math.sin(rad), cy - radius * Math.cos(rad)];
}

/**
 * An arc of a clock face as a path, clockwise where it ends later than it begins.
 *
 * @param fromDeg, toDeg clockwise from the top; less than a whole turn apart
 */
export function clockArc(fromDeg: number, toDeg: number, radius: number, centre?: Point): string {
  const [x1, y1] = clockPoint(fromDeg, radius, centre);
  const [x2, y2] = clockPoint(toDeg, radius, centre);
  const large = Math.abs(toDeg - fromDeg) > 180 ? 1 : 0;
  const clockwise = toDeg > fromDeg ? 1 : 0;
  return `M${coordinate(x1)} ${coordinate(y1)} A${radius} ${radius} 0 ${large} ${clockwise} ${coordinate(x2)} ${coordinate(y2)}`;
}

/** The six corners of a bolt's head about the origin, the first to the right. */
export function hexagon(radius: number, [cx, cy]: Point = [0, 0]): readonly Point[] {
  return [90, 150, 210, 270, 330, 30].map((deg) => clockPoint(deg, radius, [cx, cy]));
}
