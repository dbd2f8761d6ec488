import { LETTER } from '../kit/shapes';
import type { Frame, Group, Point, Shape, Word } from '../shape';

/** What a shape covers, near enough: paths by the numbers that stand in them. */
interface Covered {
  readonly shape: Exclude<Shape, Group>;
  readonly points: readonly Point[];
}

/** Every shape that is drawn, with the corners of what it covers in the drawing's own plane. */
export function covered(
  shapes: readonly Shape[],
  place = (point: Point) => point,
): readonly Covered[] {
  return shapes.flatMap((shape): readonly Covered[] =>
    shape.kind === 'group'
      ? covered(shape.shapes, (point) => place(moved(shape, point)))
      : [{ shape, points: cornersOf(shape).map(place) }],
  );
}

function moved({ x, y, turnDeg, scale }: Group, [px, py]: Point): Point {
  const rad = (turnDeg * Math.PI) / 180;
  const [sx, sy] = [px * scale, py * scale];
  return [x + sx * Math.cos(rad) - sy * Math.sin(rad), y + sx * Math.sin(rad) + sy * Math.cos(rad)];
}

function cornersOf(shape: Exclude<Shape, Group>): readonly Point[] {
  switch (shape.kind) {
    case 'line':
      return [
        [shape.x1, shape.y1],
        [shape.x2, shape.y2],
      ];
    case 'circle':
      return [
        [shape.cx - shape.r, shape.cy - shape.r],
        [shape.cx + shape.r, shape.cy + shape.r],
      ];
    case 'box':
      return [
        [shape.x, shape.y],
        [shape.x + shape.width, shape.y + shape.height],
      ];
    case 'polygon':
      return shape.points;
    case 'path':
      return [...shape.d.matchAll(/[ML] ?(-?[\d.]+)[ ,](-?[\d.]+)/g)].map(
        ([, x = '', y = '']) => [Number(x), Number(y)] as const,
      );
    case 'word':
      return cornersOfWord(shape);
  }
}

const BEFORE = { start: 0, middle: 0.5, end: 1 } as const;

function cornersOfWord({ x, y, size, text, anchor }: Word): readonly Point[] {
  const width = text.length * size * LETTER;
  const left = x - width * BEFORE[anchor];
  return [
    [left, y - size * 0.72],
    [left + width, y],
  ];
}

/** How far a point lies outside a frame; 0 inside it. */
export function outside({ x, y, width, height }: Frame, [px, py]: Point): number {
  return Math.max(0, x - px, px - x - width, y - py, py - y - height);
}
