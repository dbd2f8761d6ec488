import type { FaceFlatness } from '@cardinex/core/block/faceFlatness';
import { box, group, line, polygon, shapes, word } from '../kit/shapes';
import type { Drawing } from '../shape';

/** The straightedge lies along the top; below it stands the face, as far down as the leaf that enters. */
const STEP = 52;
const BAR = 36;
const DEPTH = 84;
/** The deepest gap takes this much of the height. */
const DEEPEST = 56;
const LEAST_WIDTH = 200;
/** Room for a figure above the straightedge and a number below the face. */
const [ABOVE, BELOW] = [26, 24];

/** The gaps under a straightedge, much larger than they are; those over a limit by colour, shape and figure. */
export function faceGapsDrawing(facts: {
  /** Each with the most that is allowed over its length. */
  readonly lines: readonly (FaceFlatness['lines'][number] & { readonly limitMm: number })[];
  readonly description: string;
  readonly figure: (mm: number) => string;
}): Drawing {
  const { lines, description, figure } = facts;
  const deepestMm = Math.max(...lines.flatMap(({ gapMm, limitMm }) => [gapMm, limitMm])) || 1;
  const down = (mm: number): number => (mm / deepestMm) * DEEPEST;
  const width = STEP * lines.length;
  return {
    kind: 'face-gaps',
    description,
    frame: {
      x: 0,
      y: -ABOVE,
      width: Math.max(width, LEAST_WIDTH),
      height: ABOVE + DEPTH + BELOW,
    },
    shapes: shapes(
      lines.map(({ line: name, gapMm, code, limitMm }, at) => {
        const over = code === 'over';
        const top = down(gapMm);
        return group(
          { x: at * STEP + STEP / 2 },
          box(-BAR / 2, top, BAR, DEPTH - top, {
            fill: 'tab',
            stroke: over ? 'stop' : 'ink',
            weight: over ? 4 : 2,
          }),
          line(-STEP / 2, down(limitMm), STEP / 2, down(limitMm), {
            stroke: 'soft',
            weight: 2,
            dash: [5, 4],
          }),
          over &&
            polygon(
              [
                [-9, top - 2],
                [9, top - 2],
                [0, top - 14],
              ],
              { fill: 'stop' },
            ),
          word(0, -8, 16, figure(gapMm), over ? 'stop' : 'ink'),
          word(0, DEPTH + 20, 15, name, 'soft', { face: 'label' }),
        );
      }),
      line(0, 0, width, 0, { stroke: 'ink', weight: 4 }),
    ),
  };
}
