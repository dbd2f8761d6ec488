import type { StandOut } from '@cardinex/core/overhead/standOut';
import { box, group, line, polygon, shapes, word } from '../kit/shapes';
import type { Drawing } from '../shape';

const HEIGHT = 112;
const STEP = 34;
/** How tall a bar stands at the middle one's place. */
const MIDDLE = 52;
/** How much of the drawing the furthest one takes. */
const REACH = 34;
/** A few adjusters are not drawn over the whole width. */
const LEAST_WIDTH = 200;

/** Adjusters in their row: how far each stands out; the odd ones by colour, shape and number. */
export function adjustersDrawing(facts: {
  readonly items: StandOut['items'];
  readonly description: string;
}): Drawing {
  const { items, description } = facts;
  const furthest = Math.max(0.5, ...items.map(({ offMm }) => Math.abs(offMm)));
  const width = STEP * items.length;
  return {
    kind: 'adjusters',
    description,
    frame: { x: 0, y: -HEIGHT, width: Math.max(width, LEAST_WIDTH), height: HEIGHT + 26 },
    shapes: shapes(
      line(0, 0, width, 0, { stroke: 'ink', weight: 3 }),
      line(0, -MIDDLE, width, -MIDDLE, { stroke: 'soft', weight: 2, dash: [5, 4] }),
      items.map(({ id, offMm, verdict }, at) => {
        const tall = MIDDLE + (offMm / furthest) * REACH;
        const odd = verdict === 'odd';
        const tone = odd ? 'stop' : 'ink';
        return group(
          { x: at * STEP + STEP / 2 },
          box(-8, -tall, 16, tall, { fill: odd ? 'stop' : 'paper', stroke: tone, weight: 3 }),
          odd &&
            polygon(
              [
                [-9, -tall - 4],
                [9, -tall - 4],
                [0, -tall - 16],
              ],
              { fill: 'stop' },
            ),
          word(0, 20, 17, id, tone),
        );
      }),
    ),
  };
}
