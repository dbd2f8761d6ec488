import type { NamedWindow } from '@cardinex/core/sheet/cycleWindows';
import { linearScale } from '../kit/scale';
import { box, line, shapes, sizeWithin, word, type Part } from '../kit/shapes';
import type { Drawing, Look } from '../shape';

interface ValveWindowsFacts {
  readonly windows: readonly NamedWindow[];
  /** Degrees of crank in a cycle: 720, or 360 of a two-stroke. */
  readonly cycleDeg: number;
  readonly description: string;
  /** Names of the strokes from the firing top on, half a turn each. */
  readonly strokes: readonly string[];
  readonly nameOf: (window: NamedWindow) => string;
  readonly degrees: (deg: number) => string;
}

const WIDTH = 340;
const ROW = 34;
const HEAD = 26;
const FOOT = 22;
const STROKE_DEG = 180;

/** One cylinder's cycle from its firing top: a bar for everything that is lifted in it. */
export function valveWindowsDrawing(facts: ValveWindowsFacts): Drawing {
  const { windows, cycleDeg, strokes, description, degrees } = facts;
  const height = HEAD + windows.length * ROW + FOOT;
  const x = linearScale([0, cycleDeg], [0, WIDTH]);
  const rule: Look = { stroke: 'rule', weight: { lines: 0.67 } };
  const column = x(STROKE_DEG) - 6;
  // The first and the last would stand half over the edge.
  const anchorOf = (nth: number) =>
    nth === 0 ? 'start' : nth === strokes.length ? 'end' : 'middle';
  return {
    kind: 'valve-windows',
    description,
    frame: { x: -4, y: 0, width: WIDTH + 8, height },
    shapes: shapes(
      strokes.map((stroke, nth) =>
        word(x((nth + 0.5) * STROKE_DEG), 16, sizeWithin(column, 14, stroke), stroke, 'soft', {
          face: 'label',
        }),
      ),
      [...strokes, ''].map((_, nth) =>
        line(x(nth * STROKE_DEG), HEAD - 4, x(nth * STROKE_DEG), height - FOOT + 4, rule),
      ),
      windows.map((window, row) => bar(facts, window, HEAD + row * ROW, x)),
      [...strokes, ''].map((_, nth) =>
        word(x(nth * STROKE_DEG), height - 4, 14, degrees(nth * STROKE_DEG), 'ink', {
          face: 'label',
          anchor: anchorOf(nth),
        }),
      ),
    ),
  };
}

/** A bar that runs past the end of the cycle goes on at its beginning. */
function bar(
  { cycleDeg, nameOf }: ValveWindowsFacts,
  window: NamedWindow,
  y: number,
  x: (deg: number) => number,
): Part {
  const { fromDeg, toDeg, what } = window;
  const until = Math.min(toDeg, cycleDeg);
  const look: Look & { corner: number } = {
    corner: 3,
    fill: what === 'exhaust' ? 'tab' : what === 'intake' ? 'paper' : 'rule',
    stroke: 'ink',
    weight: { lines: 1 },
    dash: what === 'intake' ? [6, 3] : undefined,
  };
  const piece = (from: number, to: number) => box(x(from), y + 3, x(to) - x(from), ROW - 8, look);
  return [
    piece(fromDeg, until),
    toDeg > cycleDeg && piece(0, toDeg - cycleDeg),
    word(x((fromDeg + until) / 2), y + 21, 14, nameOf(window), 'ink', { face: 'label' }),
  ];
}
