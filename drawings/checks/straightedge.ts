import {
  STRAIGHTEDGE_LINES,
  type HeadFlatnessInput,
  type StraightedgeLine,
} from '@cardinex/core/block/headFlatness';
import { atMost } from '@cardinex/core/quantity/withinLimits';
import type { SetMap } from '@cardinex/core/sheet/spec/fastening';
import { box, circle, group, line, shapes, word, type Part } from '../kit/shapes';
import type { Drawing, Look } from '../shape';

interface StraightedgeFacts {
  readonly readings: HeadFlatnessInput['readings'];
  readonly limitMm: number;
  /** The line being read now. */
  readonly current?: StraightedgeLine | undefined;
  /** The head's own map, for its bores. */
  readonly map?: SetMap | undefined;
  readonly description: string;
  readonly figure: (mm: number) => string;
}

const WIDTH = 320;
const HEIGHT = 150;
const EDGE = 12;

type Ends = readonly [x1: number, y1: number, x2: number, y2: number];

const [LEFT, RIGHT, TOP, BOTTOM] = [EDGE + 10, WIDTH - EDGE - 10, EDGE + 10, HEIGHT - EDGE - 10];

const LINES: Readonly<Record<StraightedgeLine, Ends>> = {
  long: [LEFT, HEIGHT / 2, RIGHT, HEIGHT / 2],
  cross: [WIDTH / 2, TOP, WIDTH / 2, BOTTOM],
  'diagonal-1': [LEFT, TOP, RIGHT, BOTTOM],
  'diagonal-2': [LEFT, BOTTOM, RIGHT, TOP],
};

/** Where each line's figure stands: a fifth of the way along, clear of where all of them meet. */
const SHARE = 0.2;

/**
 * A head's face with the straightedge lines on it, each a target: those not read yet dotted, the one in
 * hand blue, those over the limit heavy and broken.
 */
export function straightedgeDrawing(facts: StraightedgeFacts): Drawing {
  const { readings, limitMm, current, map, description, figure } = facts;
  const gaps = new Map(readings.map(({ line: read, gapMm }) => [read, gapMm]));
  const look = (which: StraightedgeLine): Look => {
    const gap = gaps.get(which);
    if (which === current) return { stroke: 'now', weight: 5 };
    if (gap === undefined) return { stroke: 'soft', weight: 1.5, dash: [2, 5] };
    return atMost(gap, limitMm)
      ? { stroke: 'within', weight: 2 }
      : { stroke: 'stop', weight: 4, dash: [10, 5] };
  };
  return {
    kind: 'straightedge',
    description,
    frame: { x: 0, y: 0, width: WIDTH, height: HEIGHT },
    shapes: shapes(
      box(EDGE, EDGE, WIDTH - 2 * EDGE, HEIGHT - 2 * EDGE, {
        corner: 10,
        stroke: 'ink',
        weight: { lines: 1 },
      }),
      map && bores(map),
      STRAIGHTEDGE_LINES.map((which) =>
        group({ target: which }, line(...LINES[which], look(which))),
      ),
      readings.map(({ line: read, gapMm }) => {
        const [x1, y1, x2, y2] = LINES[read];
        const [x, y] = [x1 + (x2 - x1) * SHARE, y1 + (y2 - y1) * SHARE];
        return word(x, y + 6, 18, figure(gapMm), 'ink', { edge: 'paper' });
      }),
    ),
  };
}

/** The combustion faces of the cylinders, for orientation; turned over, seen from below. */
function bores(map: SetMap): Part {
  const scale = Math.min((WIDTH - 2 * EDGE) / map.widthMm, (HEIGHT - 2 * EDGE) / map.heightMm);
  const x = (mm: number): number => WIDTH / 2 + (mm - map.widthMm / 2) * scale;
  const y = (mm: number): number => HEIGHT / 2 - (mm - map.heightMm / 2) * scale;
  return (map.bores ?? []).map(({ cylinder, xMm, yMm, diaMm }) => [
    circle(x(xMm), y(yMm), (diaMm / 2) * scale, { stroke: 'rule', weight: 1.5 }),
    word(x(xMm), BOTTOM + 4, 13, String(cylinder), 'soft', { face: 'label' }),
  ]);
}
