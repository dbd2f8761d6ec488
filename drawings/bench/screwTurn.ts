import type { ScrewTurn } from '@cardinex/core/overhead/screwTurn';
import { clockArc } from '../kit/polar';
import { circle, group, line, path, roundDrawing } from '../kit/shapes';
import type { Drawing } from '../shape';

type ScrewTurnFacts = Pick<ScrewTurn, 'deg' | 'direction'> & { readonly description: string };

const SIZE = 120;
const RADIUS = 46;
/** An arc that closed would show no way. */
const MOST_DEG = 350;

/** The screw's head from above: the slot where it is, where it goes, and the way between. */
export function screwTurnDrawing({ deg, direction, description }: ScrewTurnFacts): Drawing {
  // Screwing in is clockwise for a right-hand thread, seen from its head.
  const way = direction === 'out' ? -1 : 1;
  return roundDrawing(
    { kind: 'screw-turn', description, width: SIZE, height: SIZE },
    circle(0, 0, 34, { fill: 'paper', stroke: 'ink', weight: { lines: 1 } }),
    line(0, -30, 0, 30, { stroke: 'soft', weight: 3, dash: [4, 4] }),
    group({ turnDeg: way * (deg % 360) }, line(0, -30, 0, 30, { stroke: 'ink', weight: 7 })),
    deg > 1 &&
      path(clockArc(0, way * Math.min(deg, MOST_DEG), RADIUS), { stroke: 'now', weight: 7 }),
  );
}
