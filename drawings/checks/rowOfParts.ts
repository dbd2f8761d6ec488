import { polyline } from '../kit/coordinate';
import {
  box,
  circle,
  group,
  line,
  path,
  polygon,
  shapes,
  wordAbout,
  type Part,
} from '../kit/shapes';
import type { Drawing } from '../shape';

/** How a part of a row stands: it is said with the others, left out of it, said already, or not good. */
export type RowStanding = 'in-row' | 'left-out' | 'done' | 'failed';

interface RowPart {
  readonly id: string;
  /** As it is printed: a cylinder's number, a valve's. */
  readonly name: string;
}

interface RowFacts {
  /** As they lie in the engine, cylinder 1 at the left: a line for each bank, or part of one. */
  readonly lines: readonly (readonly RowPart[])[];
  readonly standing: (id: string) => RowStanding;
  readonly description: string;
}

const WIDTH = 412;
const LINE = 74;
const SIDE = 25;
/** A pair is not drawn over the whole width. */
const LEAST = 4;

/** Parts that something is done to as a row, each a target by its id; every standing has a shape of its own. */
export function rowOfPartsDrawing({ lines, standing, description }: RowFacts): Drawing {
  const most = Math.max(LEAST, ...lines.map((parts) => parts.length));
  const pitch = (WIDTH - 8) / most;
  const scale = Math.min(1, pitch / (2 * SIDE + 6));
  return {
    kind: 'row-of-parts',
    description,
    frame: { x: 0, y: 0, width: WIDTH, height: lines.length * LINE + 4 },
    shapes: shapes(
      lines.map((parts, nth) =>
        parts.map(({ id, name }, place) =>
          group(
            {
              x: 4 + pitch * (place + 0.5 + (most - parts.length) / 2),
              y: 2 + LINE * (nth + 0.5),
              scale,
              target: id,
            },
            part(name, standing(id)),
          ),
        ),
      ),
    ),
  };
}

/** Across a part that is left out of the row. */
const SLASH = SIDE * 1.2;

function part(name: string, standing: RowStanding): Part {
  switch (standing) {
    case 'in-row':
      return [
        box(-SIDE, -SIDE, 2 * SIDE, 2 * SIDE, { corner: 8, fill: 'tab', stroke: 'now', weight: 4 }),
        wordAbout(0, 0, 26, name, 'ink'),
      ];
    case 'left-out':
      return [
        box(-SIDE, -SIDE, 2 * SIDE, 2 * SIDE, {
          corner: 8,
          fill: 'paper',
          stroke: 'ink',
          weight: 3,
          dash: [7, 5],
        }),
        line(-SLASH, SLASH, SLASH, -SLASH, { stroke: 'ink', weight: 4 }),
        wordAbout(0, 0, 26, name, 'soft'),
      ];
    case 'done':
      return [
        circle(0, 0, SIDE, { fill: 'within' }),
        path(polyline(TICK), { stroke: 'within', weight: 5 }),
        wordAbout(0, 0, 26, name, 'onWithin'),
      ];
    case 'failed':
      return [
        polygon(TRIANGLE, { fill: 'paper', stroke: 'stop', weight: 4 }),
        wordAbout(0, 6, 22, name, 'stop'),
      ];
  }
}

const TICK: readonly (readonly [number, number])[] = [
  [SIDE * 0.5, -SIDE * 1.1],
  [SIDE * 0.8, -SIDE * 0.8],
  [SIDE * 1.35, -SIDE * 1.45],
];

const TRIANGLE: readonly (readonly [number, number])[] = [
  [0, -32],
  [32, 24],
  [-32, 24],
];
