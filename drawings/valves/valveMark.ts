import { circle, line, path, shapes } from '../kit/shapes';
import type { Shape } from '../shape';

/** How a thing to be set stands: done, to be set where the crank stands, or to be left alone. */
export type ValveStanding = 'done' | 'settable' | 'leave-alone';

/** What is drawn of a valve in its row. */
export const VALVE_FRAME = { x: -22, y: -20, width: 44, height: 40 } as const;

/** One valve of a row: a disc with a tick, a ring, or a crossed-out one of dashes; in hand under a cross-hair. */
export function valveMark(standing: ValveStanding, inHand: boolean): readonly Shape[] {
  return shapes(
    inHand && [
      line(-21, 0, 21, 0, { stroke: 'now', weight: 4 }),
      line(0, -20, 0, 20, { stroke: 'now', weight: 4 }),
    ],
    standing === 'done' && [
      circle(0, 0, 14, { fill: inHand ? 'now' : 'within' }),
      path('M-6 0 L-1 5 L7 -5', { stroke: 'onWithin', weight: 3 }),
    ],
    standing === 'settable' &&
      circle(0, 0, 14, { fill: inHand ? 'now' : 'paper', stroke: 'now', weight: 4 }),
    standing === 'leave-alone' && [
      circle(0, 0, 12, { fill: 'paper', stroke: 'soft', weight: 1.5, dash: [3, 3] }),
      line(-8, 8, 8, -8, { stroke: 'soft', weight: 2 }),
    ],
  );
}
