import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { box, circle, group, shapes, word } from '../kit/shapes';
import type { Drawing } from '../shape';

interface LayoutFacts {
  readonly layout: EngineSheet['layout'];
  /** Cylinders already tapped. */
  readonly marked: readonly number[];
  readonly description: string;
}

const PITCH = 64;
const RADIUS = 24;
const ROW = 66;
/** A twin is not drawn over the whole width. */
const LEAST_CYLINDERS = 4;

/** Every bank from above, the cylinder-1 end at the left, each cylinder a target; several banks are staggered. */
export function cylinderLayoutDrawing({ layout, marked, description }: LayoutFacts): Drawing {
  const { banks } = layout;
  const most = Math.max(...banks.map((bank) => bank.cylinders.length));
  const drawn = most * PITCH + (banks.length > 1 ? PITCH / 4 : 0);
  const width = Math.max(most, LEAST_CYLINDERS) * PITCH + PITCH / 2;
  const inset = (width - drawn) / 2;
  const height = banks.length * ROW + 8;
  return {
    kind: 'cylinder-layout',
    description,
    frame: { x: 0, y: 0, width, height },
    shapes: shapes(
      box(2, 2, width - 4, height - 4, { corner: 8, stroke: 'ink', weight: { lines: 1 } }),
      banks.map((bank, row) =>
        bank.cylinders.map((cylinder, place) => {
          const tapped = marked.includes(cylinder);
          return group(
            {
              x: inset + PITCH * (place + 0.5) + (row % 2) * (PITCH / 4),
              y: 4 + ROW * (row + 0.5),
              target: String(cylinder),
            },
            circle(0, 0, RADIUS, {
              fill: tapped ? 'within' : 'paper',
              stroke: 'ink',
              weight: { lines: 1 },
            }),
            word(0, 9, 26, String(cylinder), tapped ? 'onWithin' : 'ink'),
          );
        }),
      ),
    ),
  };
}
