import { hexagon } from '../kit/polar';
import { box, circle, line, polygon, shapes, word } from '../kit/shapes';
import type { Drawing } from '../shape';

interface WrenchFacts {
  /** From the square to the middle of the grip. */
  readonly armMm: number;
  /** From the square to the bolt; 0 without an adapter. */
  readonly adapterMm: number;
  /** Between arm and adapter: 0 where it prolongs the arm. */
  readonly adapterDeg: number;
  readonly description: string;
  /** The arm's length, written along it. */
  readonly arm: string;
}

const WIDTH = 340;
const HEIGHT = 150;
const ARM = 165;
const SQUARE = { x: 118, y: 78 } as const;
const GRIP = SQUARE.x + ARM;

/** The wrench from above with its adapter at the angle given: what counts is how far the bolt is from the hand. */
export function wrenchDrawing(facts: WrenchFacts): Drawing {
  const { armMm, adapterMm, adapterDeg, description, arm } = facts;
  // A short adapter is drawn long enough to be seen: what the drawing is for is its direction.
  const scaled = (adapterMm * ARM) / Math.max(armMm, 1);
  const reach = adapterMm > 0 ? Math.min(Math.max(scaled, 48), 104) : 0;
  const rad = ((180 - adapterDeg) * Math.PI) / 180;
  const bolt = [SQUARE.x + reach * Math.cos(rad), SQUARE.y - reach * Math.sin(rad)] as const;
  return {
    kind: 'wrench',
    description,
    frame: { x: 0, y: 0, width: WIDTH, height: HEIGHT },
    shapes: shapes(
      line(SQUARE.x, SQUARE.y, ...bolt, { stroke: 'now', weight: 8, ends: 'round' }),
      line(SQUARE.x, SQUARE.y, GRIP, SQUARE.y, { stroke: 'ink', weight: { lines: 3 } }),
      box(GRIP - 34, SQUARE.y - 8, 68, 16, {
        corner: 8,
        fill: 'paper',
        stroke: 'ink',
        weight: { lines: 1 },
      }),
      line(GRIP, SQUARE.y - 14, GRIP, SQUARE.y + 14, { stroke: 'now', weight: 4 }),
      circle(SQUARE.x, SQUARE.y, 15, { fill: 'paper', stroke: 'ink', weight: { lines: 1.5 } }),
      box(SQUARE.x - 6, SQUARE.y - 6, 12, 12, { fill: 'ink' }),
      polygon(hexagon(13, bolt), { fill: 'paper', stroke: 'now', weight: 4 }),
      word(SQUARE.x + ARM / 2, SQUARE.y + 34, 16, arm, 'soft', { face: 'label' }),
    ),
  };
}
