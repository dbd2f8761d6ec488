import { box, circle, line, path, polygon, type Part } from '../kit/shapes';
import type { Look } from '../shape';

/** Where a piece is drawn: its upper left corner, and its size. */
export interface PieceBox {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Draws a piece into its place, filled and outlined as it stands. */
type PieceShape = (place: PieceBox, look: Look) => Part;

/** What is only a line of the shape: outlined as the piece is, and not filled. */
function bare({ fill: _fill, ...look }: Look): Look {
  return look;
}

const plain: PieceShape = ({ x, y, width, height }, look) =>
  box(x, y, width, height, { ...look, corner: 2 });

/** Round about the middle, no wider than it is high. */
const round: PieceShape = ({ x, y, width, height }, look) =>
  circle(x + width / 2, y + height / 2, Math.min(width, height) / 2, look);

/** A cross over a wheel, from rim to rim. */
function spokes({ x, y, width, height }: PieceBox, look: Look): Part {
  const [cx, cy] = [x + width / 2, y + height / 2];
  const r = Math.min(width, height) / 2;
  return [line(cx - r, cy, cx + r, cy, bare(look)), line(cx, cy - r, cx, cy + r, bare(look))];
}

/** A box with upright lines in it, `pitch` apart. */
function ribbed(pitch: number): PieceShape {
  return (place, look) => {
    const { x, y, width, height } = place;
    const ribs = Math.max(1, Math.floor(width / pitch) - 1);
    const step = width / (ribs + 1);
    return [
      plain(place, look),
      Array.from({ length: ribs }, (_, n) => {
        const at = x + step * (n + 1);
        return line(at, y, at, y + height, bare(look));
      }),
    ];
  };
}

const SHAPES: Readonly<Record<string, PieceShape>> = {
  head: (place, look) => {
    const { x, y, width, height } = place;
    return [
      box(x, y, width, height * 0.72, { ...look, corner: 1 }),
      line(x, y + height, x + width, y + height, bare(look)),
      line(x, y + height * 0.72, x, y + height, bare(look)),
      line(x + width, y + height * 0.72, x + width, y + height, bare(look)),
    ];
  },
  cylinder: ribbed(5),
  cover: ({ x, y, width, height }, look) => {
    const r = Math.min(height * 0.7, width / 3);
    return path(
      `M${x} ${y + height}V${y + r}Q${x} ${y} ${x + r} ${y}H${x + width - r}Q${x + width} ${y} ${x + width} ${y + r}V${y + height}Z`,
      look,
    );
  },
  housing: ({ x, y, width, height }, look) => {
    const cut = Math.min(height * 0.4, width / 4);
    return polygon(
      [
        [x + cut, y],
        [x + width - cut, y],
        [x + width, y + cut],
        [x + width, y + height],
        [x, y + height],
        [x, y + cut],
      ],
      look,
    );
  },
  sump: ({ x, y, width, height }, look) =>
    polygon(
      [
        [x, y],
        [x + width, y],
        [x + width - Math.min(width / 8, 14), y + height],
        [x + Math.min(width / 8, 14), y + height],
      ],
      look,
    ),
  'rocker-shaft': ({ x, y, width, height }, look) => [
    box(x, y + height * 0.35, width, height * 0.3, { ...look, corner: 1 }),
    line(x + width * 0.2, y, x + width * 0.2, y + height, bare(look)),
    line(x + width * 0.8, y, x + width * 0.8, y + height, bare(look)),
  ],
  'push-rod': ({ x, y, width, height }, look) => [
    line(x + width / 2, y + 2, x + width / 2, y + height, bare(look)),
    circle(x + width / 2, y + 2, 2, look),
  ],
  tappet: ({ x, y, width, height }, look) => [
    line(x + width / 2, y, x + width / 2, y + height * 0.6, bare(look)),
    line(x, y + height * 0.6, x + width, y + height * 0.6, bare(look)),
    line(x, y + height, x + width, y + height, bare(look)),
  ],
  camshaft: ({ x, y, width, height }, look) => [
    line(x, y + height / 2, x + width, y + height / 2, bare(look)),
    [0.2, 0.5, 0.8].map((share) => circle(x + width * share, y + height / 2, height * 0.34, look)),
  ],
  drive: (place, look) => [round(place, look), spokes(place, look)],
  'bearing-cap': ({ x, y, width, height }, look) => {
    const r = Math.min(width / 2, height);
    const middle = x + width / 2;
    return path(`M${middle - r} ${y}A${r} ${r} 0 0 0 ${middle + r} ${y}Z`, look);
  },
  crank: ({ x, y, width, height }, look) => {
    const throws = Math.max(2, Math.round(width / 26));
    const step = width / throws;
    const points = Array.from({ length: throws }, (_, n) => {
      const up = n % 2 === 0 ? y + 1 : y + height - 1;
      const at = x + n * step;
      return `V${up}H${at + step}`;
    });
    return path(`M${x} ${y + height / 2}${points.join('')}V${y + height / 2}`, bare(look));
  },
  'rod-and-piston': ({ x, y, width, height }, look) => [
    box(x, y, width, height * 0.5, { ...look, corner: 1 }),
    line(x + width / 2, y + height * 0.5, x + width / 2, y + height, bare(look)),
  ],
  rod: ({ x, y, width, height }, look) => [
    line(x + width / 2, y + 3, x + width / 2, y + height - 3, bare(look)),
    circle(x + width / 2, y + height - 3, 3, look),
    circle(x + width / 2, y + 3, 2, look),
  ],
  liner: ({ x, y, width, height }, look) => [
    line(x, y, x, y + height, bare(look)),
    line(x + width, y, x + width, y + height, bare(look)),
    line(x - 1.5, y, x + 3, y, bare(look)),
    line(x + width - 3, y, x + width + 1.5, y, bare(look)),
  ],
  injector: ({ x, y, width, height }, look) => {
    const half = Math.min(width, height) * 0.35;
    const middle = x + width / 2;
    return polygon(
      [
        [middle - half, y],
        [middle + half, y],
        [middle + half, y + height * 0.55],
        [middle, y + height],
        [middle - half, y + height * 0.55],
      ],
      look,
    );
  },
  plug: ({ x, y, width, height }, look) => {
    const half = Math.min(width, height) * 0.4;
    const middle = x + width / 2;
    return [
      polygon(
        [
          [middle - half, y],
          [middle + half, y],
          [middle + half * 0.6, y + height * 0.6],
          [middle - half * 0.6, y + height * 0.6],
        ],
        look,
      ),
      line(middle, y + height * 0.6, middle, y + height, bare(look)),
    ];
  },
  pump: (place, look) => [
    round(place, look),
    line(
      place.x + place.width / 2,
      place.y + place.height / 2,
      place.x + place.width / 2 + Math.min(place.width, place.height) / 2,
      place.y,
      bare(look),
    ),
  ],
  manifold: ({ x, y, width, height }, look) => {
    const stubs = Math.max(2, Math.round(width / 30));
    return [
      box(x, y, width, height * 0.5, { ...look, corner: height * 0.25 }),
      Array.from({ length: stubs }, (_, n) => {
        const at = x + (width * (n + 0.5)) / stubs;
        return line(at, y + height * 0.5, at, y + height, bare(look));
      }),
    ];
  },
  cooler: ribbed(9),
  turbo: (place, look) => [
    round({ ...place, width: place.width * 0.6 }, look),
    circle(place.x + place.width * 0.75, place.y + place.height / 2, place.height * 0.22, look),
  ],
  blower: ({ x, y, width, height }, look) => [
    box(x, y, width, height, { ...look, corner: height / 2 }),
    circle(x + width * 0.4, y + height / 2, height * 0.3, bare(look)),
    circle(x + width * 0.6, y + height / 2, height * 0.3, bare(look)),
  ],
  pipe: ({ x, y, width, height }, look) =>
    path(
      `M${x} ${y + height * 0.8}C${x + width * 0.4} ${y + height * 0.8} ${x + width * 0.2} ${y + height * 0.2} ${x + width} ${y + height * 0.2}`,
      bare(look),
    ),
  filter: ({ x, y, width, height }, look) => [
    box(x + width * 0.2, y, width * 0.6, height, { ...look, corner: 4 }),
    line(x + width * 0.2, y + height * 0.3, x + width * 0.8, y + height * 0.3, bare(look)),
  ],
  sensor: ({ x, y, width, height }, look) => [
    circle(x + width / 2, y + height * 0.7, height * 0.3, look),
    line(x + width / 2, y, x + width / 2, y + height * 0.4, bare(look)),
  ],
  harness: ({ x, y, width, height }, look) => {
    const middle = y + height / 2;
    return path(
      `M${x} ${middle}Q${x + width / 8} ${y} ${x + width / 4} ${middle}T${x + width / 2} ${middle}T${x + (width * 3) / 4} ${middle}T${x + width} ${middle}`,
      bare(look),
    );
  },
  flywheel: (place, look) => [
    round(place, look),
    circle(
      place.x + place.width / 2,
      place.y + place.height / 2,
      Math.min(place.width, place.height) * 0.22,
      bare(look),
    ),
  ],
  pulley: (place, look) => [
    box(place.x + place.width * 0.25, place.y, place.width * 0.5, place.height, look),
    line(
      place.x + place.width * 0.5,
      place.y,
      place.x + place.width * 0.5,
      place.y + place.height,
      bare(look),
    ),
  ],
  mounting: ({ x, y, width, height }, look) =>
    polygon(
      [
        [x + width / 2, y],
        [x + width, y + height],
        [x, y + height],
      ],
      look,
    ),
  belt: ({ x, y, width, height }, look) =>
    box(x, y + height * 0.2, width, height * 0.6, { ...bare(look), corner: height * 0.3 }),
};

/** The plain shape of a kind; a box for kinds that have none of their own. */
export function pieceShape(kind: string): PieceShape {
  return SHAPES[kind] ?? plain;
}
