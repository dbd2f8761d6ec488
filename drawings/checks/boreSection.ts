import { BORE_HEIGHTS, type BoreHeight } from '@cardinex/core/block/boreWear';
import { polyline } from '../kit/coordinate';
import { line, path, shapes, word } from '../kit/shapes';
import type { Drawing } from '../shape';

interface BoreFacts {
  readonly nominalMm: number;
  /** At each height along and across; null where it has not been read. */
  readonly readingsMm: Readonly<Record<BoreHeight, readonly (number | null)[]>>;
  readonly description: string;
  readonly figure: (mm: number | null) => string;
}

const WIDTH = 320;
const HEIGHT = 170;
const WALL = 96;
/** Wear is drawn this many times larger than it is, or nobody would see it. */
const TIMES = 120;
const MOST = 40;
const HEIGHTS = { top: 34, middle: 85, bottom: 136 } as const;
const SIDES = [-1, 1] as const;

/** A bore in section: its walls as far out of nominal as they are worn, with the reading at each height. */
export function boreDrawing({ readingsMm, nominalMm, description, figure }: BoreFacts): Drawing {
  const out = (mm: number): number => Math.max(-MOST, Math.min(MOST, (mm - nominalMm) * TIMES));
  const wall = (side: -1 | 1): string =>
    polyline(
      BORE_HEIGHTS.flatMap((height) => {
        const read = readingsMm[height].filter((mm) => mm !== null);
        if (read.length === 0) return [];
        return [[WIDTH / 2 + side * (WALL + out(Math.max(...read))), HEIGHTS[height]] as const];
      }),
    );
  const nominal = (side: -1 | 1) =>
    line(WIDTH / 2 + side * WALL, 12, WIDTH / 2 + side * WALL, HEIGHT - 12, {
      stroke: 'soft',
      weight: 1.5,
      dash: [4, 4],
    });
  const read = BORE_HEIGHTS.some((height) => readingsMm[height].some((mm) => mm !== null));
  return {
    kind: 'bore-section',
    description,
    frame: { x: 0, y: 0, width: WIDTH, height: HEIGHT },
    shapes: shapes(
      SIDES.map(nominal),
      read && SIDES.map((side) => path(wall(side), { stroke: 'ink', weight: { lines: 1.5 } })),
      BORE_HEIGHTS.map((height) =>
        word(WIDTH / 2, HEIGHTS[height] + 6, 17, readingsMm[height].map(figure).join(' / '), 'ink'),
      ),
    ),
  };
}
