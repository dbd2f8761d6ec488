import { box, shapes, word } from '../kit/shapes';
import type { Drawing } from '../shape';

interface FeelerStackFacts {
  /** From the bottom up. */
  readonly leavesMm: readonly number[];
  readonly description: string;
  readonly figure: (mm: number) => string;
}

const WIDTH = 340;
const THICKEST = 44;
/** A leaf too thin to write on still gets room for its figure. */
const THINNEST = 18;

/** Leaves laid together seen from the edge, each as thick as it is to the others. */
export function feelerStackDrawing({ leavesMm, description, figure }: FeelerStackFacts): Drawing {
  const scale = THICKEST / Math.max(...leavesMm);
  const heights = leavesMm.map((mm) => Math.max(mm * scale, THINNEST));
  const sum = (tall: readonly number[]): number => tall.reduce((total, next) => total + next, 0);
  const height = sum(heights) + 6;
  return {
    kind: 'feeler-stack',
    description,
    frame: { x: 0, y: 0, width: WIDTH, height },
    shapes: shapes(
      leavesMm.map((mm, nth) => {
        const tall = heights[nth] ?? THINNEST;
        const y = height - 3 - sum(heights.slice(0, nth)) - tall;
        return [
          box(2 + nth * 10, y, WIDTH - 4 - nth * 10, tall, {
            fill: nth % 2 === 0 ? 'tab' : 'paper',
            stroke: 'ink',
            weight: { lines: 1 },
          }),
          word(WIDTH / 2, y + tall / 2 + 5.5, 16, figure(mm), 'ink'),
        ];
      }),
    ),
  };
}
