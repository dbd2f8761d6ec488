import { circle, group, line, polygon, roundDrawing } from '../kit/shapes';
import type { Drawing } from '../shape';

interface StopsFacts {
  /** What the wheel reads at either stop. */
  readonly stopsDeg: readonly number[];
  readonly topDeg: number;
  readonly description: string;
}

const SIZE = 150;
const RIM = 58;

/** A degree wheel with what it reads at either stop, and the top halfway between. */
export function stopsDrawing({ stopsDeg, topDeg, description }: StopsFacts): Drawing {
  return roundDrawing(
    { kind: 'stops', description, width: SIZE, height: SIZE },
    circle(0, 0, RIM, { stroke: 'ink', weight: { lines: 1 } }),
    Array.from({ length: 12 }, (_, hour) =>
      group({ turnDeg: hour * 30 }, line(0, -RIM, 0, -RIM + 7, { stroke: 'soft', weight: 2 })),
    ),
    stopsDeg.map((turnDeg) =>
      group({ turnDeg }, line(0, -RIM - 10, 0, -RIM + 16, { stroke: 'ink', weight: 5 })),
    ),
    group(
      { turnDeg: topDeg },
      polygon(
        [
          [-9, -RIM - 14],
          [9, -RIM - 14],
          [0, -RIM + 4],
        ],
        { fill: 'now' },
      ),
      line(0, 0, 0, -RIM + 8, { stroke: 'now', weight: 4 }),
    ),
  );
}
