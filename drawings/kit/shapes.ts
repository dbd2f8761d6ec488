import type {
  Box,
  Circle,
  Drawing,
  Group,
  Line,
  Look,
  Path,
  Point,
  Polygon,
  Role,
  Shape,
  Word,
} from '../shape';

/** What a drawing is put together from: a part that is not shown this time is null, false or undefined. */
export type Part = Shape | null | undefined | false | readonly Part[];

/** All that is shown of the parts, in the order it is painted. */
export function shapes(...parts: readonly Part[]): readonly Shape[] {
  return parts.flatMap((part): readonly Shape[] => {
    if (!part) return [];
    return 'kind' in part ? [part] : shapes(...part);
  });
}

export function line(x1: number, y1: number, x2: number, y2: number, look: Look): Line {
  return { kind: 'line', x1, y1, x2, y2, ...look };
}

export function circle(cx: number, cy: number, r: number, look: Look): Circle {
  return { kind: 'circle', cx, cy, r, ...look };
}

type BoxLook = Look & { readonly corner?: number };

/** A rectangle from its upper left corner. */
export function box(x: number, y: number, width: number, height: number, look: BoxLook): Box {
  return { kind: 'box', x, y, width, height, corner: 0, ...look };
}

export function polygon(points: readonly Point[], look: Look): Polygon {
  return { kind: 'polygon', points, ...look };
}

export function path(d: string, look: Look): Path {
  return { kind: 'path', d, ...look };
}

type WordLook = Partial<Pick<Word, 'face' | 'anchor' | 'edge'>>;

/** A word or a number, its middle at x unless it is said otherwise. */
export function word(
  x: number,
  y: number,
  size: number,
  text: string,
  fill: Role,
  look: WordLook = {},
): Word {
  return { kind: 'word', x, y, size, text, fill, face: 'head', anchor: 'middle', ...look };
}

/** How far below its middle the line of a word of size 1 stands: half the height of a figure. */
const HALF_FIGURE = 0.36;

/** A word or number about a point. */
export function wordAbout(
  x: number,
  y: number,
  size: number,
  text: string,
  fill: Role,
  look: WordLook = {},
): Word {
  return word(x, y + size * HALF_FIGURE, size, text, fill, look);
}

type Place = Partial<Pick<Group, 'x' | 'y' | 'turnDeg' | 'scale' | 'target'>>;

/** Shapes that are moved, turned and scaled together, and chosen by one touch where they have a target. */
export function group(place: Place, ...parts: readonly Part[]): Group {
  return { kind: 'group', x: 0, y: 0, turnDeg: 0, scale: 1, ...place, shapes: shapes(...parts) };
}

/** How wide a letter of the heading face is on average, as a share of its size: it is a narrow one. */
export const LETTER = 0.5;

/** A word's size where it must not grow wider than its place, whatever language it is in. */
export function sizeWithin(width: number, size: number, text: string): number {
  return Math.min(size, width / Math.max(1, text.length * LETTER));
}

/** A word under the way it points: a full arrow before it, up. */
export function pointingUp(x: number, y: number, size: number, text: string): Part {
  const tip = x - (text.length * size * LETTER) / 2 - size * 0.5;
  return [
    polygon(
      [
        [tip, y - size * 0.7],
        [tip + size * 0.4, y],
        [tip - size * 0.4, y],
      ],
      { fill: 'ink' },
    ),
    word(x, y, size, text, 'ink'),
  ];
}

/** A drawing whose origin stands in the middle, as a clock face has its hands; `lower` moves it down. */
export function roundDrawing(
  about: Pick<Drawing, 'kind' | 'description'> & {
    readonly width: number;
    readonly height: number;
    readonly lower?: number;
  },
  ...parts: readonly Part[]
): Drawing {
  const { kind, description, width, height, lower = 0 } = about;
  return {
    kind,
    description,
    frame: { x: 0, y: 0, width, height },
    shapes: [group({ x: width / 2, y: height / 2 + lower }, ...parts)],
  };
}
