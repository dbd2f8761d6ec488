import type { BoreFinding, LinerCheck } from '@cardinex/core/block/linerCheck';
import {
  box,
  circle,
  group,
  line,
  path,
  polygon,
  shapes,
  wordAbout,
  type Part,
} from '../kit/shapes';
import type { Drawing } from '../shape';

interface LinerPlanFacts {
  readonly bores: readonly string[];
  readonly check: LinerCheck | null;
  readonly current: string | null;
  readonly description: string;
  readonly figure: (mm: number) => string;
  /** What stands in a liner that has not been read. */
  readonly unread: string;
}

/** As wide as the profile below it, however many bores share the width; four have room for the largest circles. */
export const BLOCK_WIDTH = 412;
const HEIGHT = 96;
const LARGEST_RADIUS = 38;

/** Where the bores of a block stand along its drawing, from its left edge. */
export function borePlaces(count: number): {
  readonly pitch: number;
  readonly x: (nth: number) => number;
} {
  const pitch = (BLOCK_WIDTH - 12) / count;
  return { pitch, x: (nth) => 6 + pitch * (nth + 0.5) };
}

/** Whether a liner's height or its tilt is out of limits. */
export function isOut(finding: BoreFinding): boolean {
  return finding.verdict !== 'within' || finding.tiltVerdict === 'over';
}

/** The block from above, cylinder 1 at the left: each liner with its height and how it stands, a target by its bore. */
export function linerPlanDrawing(facts: LinerPlanFacts): Drawing {
  const { bores, check, current, description } = facts;
  const findings = new Map(check?.bores.map((bore) => [bore.id, bore]));
  const { pitch, x } = borePlaces(bores.length);
  const radius = Math.min(LARGEST_RADIUS, pitch * 0.42);
  return {
    kind: 'liner-plan',
    description,
    frame: { x: 0, y: 0, width: BLOCK_WIDTH, height: HEIGHT },
    shapes: shapes(
      box(2, 2, BLOCK_WIDTH - 4, HEIGHT - 4, { corner: 10, stroke: 'ink', weight: { lines: 1.3 } }),
      bores.map((id, nth) =>
        group(
          { x: x(nth), y: HEIGHT / 2, target: id },
          liner(facts, { id, radius, finding: findings.get(id), inHand: id === current }),
        ),
      ),
    ),
  };
}

interface OneLiner {
  readonly id: string;
  readonly radius: number;
  readonly finding: BoreFinding | undefined;
  readonly inHand: boolean;
}

function liner(
  { figure, unread }: LinerPlanFacts,
  { id, radius, finding, inHand }: OneLiner,
): Part {
  const tone = !finding ? 'soft' : isOut(finding) ? 'stop' : 'within';
  return [
    inHand && [
      line(-radius - 9, 0, radius + 9, 0, { stroke: 'now', weight: 4 }),
      line(0, -radius - 8, 0, radius + 8, { stroke: 'now', weight: 4 }),
    ],
    circle(0, 0, radius, {
      fill: 'paper',
      stroke: inHand ? 'now' : tone,
      weight: inHand ? 5 : 4,
      dash: finding ? undefined : [7, 5],
    }),
    wordAbout(0, -radius / 3, radius / 2, id, inHand ? 'now' : 'soft'),
    wordAbout(0, radius / 3, radius * 0.66, finding ? figure(finding.meanMm) : unread, tone),
    finding &&
      (isOut(finding)
        ? polygon(
            [
              [30, -40],
              [44, -16],
              [16, -16],
            ],
            { fill: 'stop', stroke: 'paper', weight: 2 },
          )
        : path('M20 -30 L28 -21 L42 -38', { stroke: 'within', weight: 5 })),
  ];
}
