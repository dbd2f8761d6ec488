import { firingOf } from '@cardinex/core/sheet/overheadOf';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { Layout } from '@cardinex/core/sheet/spec/layout';
import { polyline } from '../kit/coordinate';
import { box, line, path, polygon, shapes, word, type Part } from '../kit/shapes';
import type { Drawing } from '../shape';
import { STANDING_ROLE, type PartStanding } from './standing';

interface CrankFacts {
  readonly sheet: EngineSheet;
  /** How many main bearings; one more than the throws between them. */
  readonly mains: number;
  readonly throwStanding?: ((nth: number) => PartStanding) | undefined;
  readonly capStanding?: ((nth: number) => PartStanding) | undefined;
  readonly description: string;
}

const WIDTH = 412;
const HEIGHT = 150;
const AXIS = 62;
/** How far a throw stands off the axis at most. */
const THROW = 30;

/**
 * The crank from the side, cylinder 1's end at the left: throws as they stand with cylinder 1 at its
 * top, each main with its cap under it. What is in hand is cross-haired, done ticked, wrong a triangle.
 */
export function crankDrawing(facts: CrankFacts): Drawing {
  const { sheet, mains, throwStanding, capStanding, description } = facts;
  const throws = Math.max(1, mains - 1);
  const pitch = (WIDTH - 40) / (mains + throws);
  const x = (place: number): number => 20 + pitch * (place + 0.5);
  // On a crank with other throws than one between each two mains only the line of it is drawn.
  const between = mains - 1 === throwsOf(sheet.layout);
  const up = throwsUp(sheet, throws);
  return {
    kind: 'crank',
    description,
    frame: { x: 0, y: 0, width: WIDTH, height: HEIGHT },
    shapes: shapes(
      between
        ? up.map((upwards, nth) =>
            oneThrow(nth + 1, x(2 * nth + 1), upwards, pitch * 0.44, throwStanding?.(nth + 1)),
          )
        : line(x(0), AXIS, x(2 * mains - 2), AXIS, { stroke: 'ink', weight: { lines: 3 } }),
      Array.from({ length: mains }, (_, nth) =>
        main(nth + 1, x(2 * nth), pitch * 0.42, capStanding?.(nth + 1)),
      ),
    ),
  };
}

type Standing = PartStanding | undefined;

function oneThrow(nth: number, at: number, upwards: number, half: number, is: Standing): Part {
  const y = AXIS - upwards * THROW;
  const tone = is ? STANDING_ROLE[is] : 'ink';
  return [
    path(
      polyline([
        [at - half, AXIS],
        [at - half, y],
        [at + half, y],
        [at + half, AXIS],
      ]),
      { stroke: 'ink', weight: { lines: 1.4 } },
    ),
    box(at - half, y - 9, 2 * half, 18, {
      corner: 3,
      fill: 'paper',
      stroke: tone,
      weight: is === 'now' ? 4 : 2.5,
    }),
    is && word(at, y + 5, 14, String(nth), tone),
  ];
}

function main(nth: number, at: number, half: number, is: Standing): Part {
  const tone = STANDING_ROLE[is ?? 'open'];
  return [
    box(at - half, AXIS - 12, 2 * half, 24, {
      fill: 'paper',
      stroke: 'ink',
      weight: { lines: 1.4 },
    }),
    path(
      polyline([
        [at - half - 3, AXIS + 14],
        [at - half - 3, AXIS + 34],
        [at + half + 3, AXIS + 34],
        [at + half + 3, AXIS + 14],
      ]),
      { fill: 'tab', stroke: tone, weight: is === 'now' ? 5 : 3 },
    ),
    word(at, AXIS + 56, 18, String(nth), tone),
    capMark(is, at, AXIS + 72),
  ];
}

function capMark(is: Standing, x: number, y: number): Part {
  switch (is) {
    case 'done':
      return path(
        polyline([
          [x - 9, y],
          [x - 2, y + 7],
          [x + 10, y - 7],
        ]),
        { stroke: 'within', weight: 4 },
      );
    case 'failed':
      return polygon(
        [
          [x, y - 9],
          [x + 10, y + 8],
          [x - 10, y + 8],
        ],
        { fill: 'stop' },
      );
    case 'now':
      return [
        line(x - 11, y, x + 11, y, { stroke: 'now', weight: 4 }),
        line(x, y - 10, x, y + 10, { stroke: 'now', weight: 4 }),
      ];
    case 'open':
    case undefined:
      return null;
  }
}

/** Two rods share a throw in a V; elsewhere each cylinder has its own. */
function throwsOf({ form, banks }: Layout): number {
  const counts = banks.map(({ cylinders }) => cylinders.length);
  return form === 'v' ? Math.max(...counts) : counts.reduce((sum, count) => sum + count, 0);
}

/** How far up each throw stands with cylinder 1 at its top: 1 up, -1 down. */
function throwsUp(sheet: EngineSheet, throws: number): readonly number[] {
  const firing = new Map(firingOf(sheet).map(({ cylinder, atDeg }) => [cylinder, atDeg]));
  const [row = []] = sheet.layout.banks.map(({ cylinders }) => cylinders);
  return Array.from({ length: throws }, (_, nth) => {
    const atDeg = firing.get(row[nth] ?? 0);
    return atDeg === undefined ? 1 : Math.cos((atDeg * Math.PI) / 180);
  });
}
