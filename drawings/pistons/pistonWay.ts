import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { thrustDegOf } from '@cardinex/core/sheet/thrustDegOf';
import {
  box,
  circle,
  group,
  line,
  polygon,
  pointingUp,
  shapes,
  sizeWithin,
  word,
} from '../kit/shapes';
import type { Drawing } from '../shape';

interface PistonWayFacts {
  readonly sheet: EngineSheet;
  readonly description: string;
  readonly thrustSide: string;
  /** What the top of the drawing points to: "fan end". */
  readonly towards: string;
}

const WIDTH = 340;
const HEIGHT = 250;
const CX = WIDTH / 2;
const CY = 132;
const CROWN = 96;

/** A piston from above with its rod behind it: which way crown, rod and an offset pin lie. */
export function pistonWayDrawing(facts: PistonWayFacts): Drawing {
  const { sheet, description, thrustSide, towards } = facts;
  const thrustDeg = thrustDegOf(sheet);
  const { crown, rod, pinOffset } = sheet.pistons?.orientation ?? {};
  const onRight = (side: 'thrust' | 'anti-thrust'): boolean =>
    (side === 'thrust') === (thrustDeg !== 270);
  const shift = pinOffset === undefined ? 0 : onRight(pinOffset) ? 12 : -12;
  const down = crown !== undefined && crown.towards !== sheet.cylinder1End;
  const rim = beside(thrustDeg === 90, CROWN + 6);
  const rodX = rod ? beside(onRight(rod.towards), 62) : 0;
  return {
    kind: 'piston-way',
    description,
    frame: { x: 0, y: 0, width: WIDTH, height: HEIGHT },
    shapes: shapes(
      circle(CX, CY, CROWN, { fill: 'paper', stroke: 'ink', weight: { lines: 2 } }),
      box(CX + shift - 14, CY - CROWN + 10, 28, 2 * CROWN - 20, {
        corner: 4,
        fill: 'tab',
        stroke: 'soft',
        weight: 1.5,
      }),
      crown && [
        group({ x: CX, y: CY, turnDeg: down ? 180 : 0 }, polygon(ARROW, { fill: 'now' })),
        word(CX, down ? CY - 4 : CY + 16, 17, crown.mark, 'now'),
      ],
      thrustDeg !== null && [
        line(rim, CY - 42, rim, CY + 42, { stroke: 'ink', weight: 6 }),
        word(
          beside(thrustDeg === 90, CROWN + 36),
          CY + 62,
          sizeWithin(72, 15, thrustSide),
          thrustSide,
          'soft',
        ),
      ],
      rod && [
        box(rodX - 26, CY + 28, 52, 26, { corner: 4, fill: 'paper', stroke: 'now', weight: 2.5 }),
        word(rodX, CY + 47, 14, rod.mark, 'now'),
      ],
      pointingUp(CX, 20, 17, towards),
    ),
  };
}

const ARROW = [
  [0, -84],
  [20, -50],
  [7, -50],
  [7, -10],
  [-7, -10],
  [-7, -50],
  [-20, -50],
] as const;

function beside(right: boolean, by: number): number {
  return CX + (right ? by : -by);
}
