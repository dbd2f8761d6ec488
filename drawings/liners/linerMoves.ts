import type { LinerArrange } from '@cardinex/core/block/linerArrange';
import { circle, group, line, polygon, shapes, word, wordAbout, type Part } from '../kit/shapes';
import type { Drawing, Point } from '../shape';
import { BLOCK_WIDTH, borePlaces } from './linerPlan';

interface LinerMovesFacts {
  readonly bores: readonly string[];
  /** Null where bores have no liners of their own yet. */
  readonly standing: LinerArrange | null;
  readonly best: LinerArrange;
  readonly description: string;
  readonly figure: (mm: number) => string;
  /** Names of the two rows. */
  readonly asTheyAre: string;
  readonly asTheyGo: string;
}

const HEIGHT = 206;
const OLD = 54;
const NEW = 156;

/** Two rows of the block from above: where each liner came from, an arrow to where it goes, its height. */
export function linerMovesDrawing(facts: LinerMovesFacts): Drawing {
  const { bores, standing, best, description, figure, asTheyAre, asTheyGo } = facts;
  const { pitch, x: placeOf } = borePlaces(bores.length);
  const radius = Math.min(33, pitch * 0.42);
  const x = (bore: string): number => placeOf(bores.indexOf(bore));
  const brokenIn = (found: LinerArrange, bore: string): boolean =>
    found.breaks.some((limit) => limit.bores.includes(bore));
  const rowName = (y: number, text: string): Part =>
    word(4, y, 14, text, 'soft', { anchor: 'start' });
  return {
    kind: 'liner-moves',
    description,
    frame: { x: 0, y: 0, width: BLOCK_WIDTH, height: HEIGHT },
    shapes: shapes(
      best.placement.map(({ bore, liner }) =>
        arrow(
          [bores.includes(liner) ? x(liner) : x(bore), OLD + radius],
          [x(bore), NEW - radius - 3],
          bore !== liner,
        ),
      ),
      bores.map((bore) => {
        const old = standing?.placement.find((place) => place.bore === bore);
        const placed = best.placement.find((place) => place.bore === bore);
        return [
          liner([x(bore), OLD], {
            radius,
            name: bore,
            height: old ? figure(old.standOutMm) : '–',
            out: standing !== null && brokenIn(standing, bore),
            moved: false,
          }),
          liner([x(bore), NEW], {
            radius,
            name: placed?.liner ?? '',
            height: placed ? figure(placed.standOutMm) : '–',
            out: brokenIn(best, bore),
            moved: placed !== undefined && placed.liner !== bore,
          }),
        ];
      }),
      rowName(14, asTheyAre),
      rowName(HEIGHT - 4, asTheyGo),
    ),
  };
}

function arrow([x1, y1]: Point, [x2, y2]: Point, moved: boolean): Part {
  const tone = moved ? 'now' : 'soft';
  const turnDeg = (Math.atan2(y2 - y1, x2 - x1) * 180) / Math.PI - 90;
  return [
    line(x1, y1, x2, y2, {
      stroke: tone,
      weight: moved ? 4 : 2,
      dash: moved ? undefined : [3, 4],
    }),
    moved &&
      group(
        { x: x2, y: y2, turnDeg },
        polygon(
          [
            [0, 2],
            [-7, -11],
            [7, -11],
          ],
          { fill: tone },
        ),
      ),
  ];
}

interface PlacedLiner {
  readonly radius: number;
  readonly name: string;
  readonly height: string;
  readonly out: boolean;
  readonly moved: boolean;
}

function liner([x, y]: Point, { radius, name, height, out, moved }: PlacedLiner): Part {
  const tone = out ? 'stop' : moved ? 'now' : 'ink';
  return group(
    { x, y },
    circle(0, 0, radius, { fill: 'paper', stroke: tone, weight: moved || out ? 4 : 2.5 }),
    wordAbout(0, -radius * 0.28, radius * 0.6, name, tone),
    wordAbout(0, radius * 0.42, radius * 0.56, height, 'ink'),
    out &&
      polygon(
        [
          [radius * 0.75, -radius - 2],
          [radius * 0.75 + 10, -radius + 15],
          [radius * 0.75 - 10, -radius + 15],
        ],
        { fill: 'stop', stroke: 'paper', weight: 2 },
      ),
  );
}
