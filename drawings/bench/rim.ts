import { clockArc } from '../kit/polar';
import { circle, path, polygon, roundDrawing } from '../kit/shapes';
import type { Drawing } from '../shape';

const SIZE = 140;
const RIM = 54;

/** A rim with the pointer at its top and the arc to mark off from there, clockwise where it is positive. */
export function rimDrawing(facts: { readonly deg: number; readonly description: string }): Drawing {
  return roundDrawing(
    { kind: 'rim', description: facts.description, width: SIZE, height: SIZE, lower: 6 },
    circle(0, 0, RIM, { stroke: 'ink', weight: { lines: 1 } }),
    path(clockArc(0, Math.max(-359, Math.min(359, facts.deg)), RIM), {
      stroke: 'now',
      weight: 9,
    }),
    polygon(
      [
        [-9, -74],
        [9, -74],
        [0, -57],
      ],
      { fill: 'stop' },
    ),
  );
}
