import { box, group, line, shapes } from '../kit/shapes';
import type { Drawing, Look } from '../shape';

const TRAVEL = 70;

/** A tappet cut open: its body, its plunger where it stands, and the travel that is left below. */
export function plungerDrawing(facts: {
  /** How deep it stands, as a share of its travel: over 1 it is bottomed. */
  readonly share: number;
  readonly description: string;
}): Drawing {
  const { share, description } = facts;
  const body: Look = { stroke: 'ink', weight: { lines: 2 } };
  return {
    kind: 'plunger',
    description,
    frame: { x: -60, y: -46, width: 120, height: 150 },
    shapes: shapes(
      line(-28, -6, -28, 96, body),
      line(28, -6, 28, 96, body),
      line(-28, 96, 28, 96, body),
      line(-46, 0, 46, 0, { stroke: 'soft', weight: 2, dash: [5, 4] }),
      group(
        { y: Math.min(1, Math.max(0, share)) * TRAVEL },
        box(-24, 0, 48, 22, { fill: share > 1 ? 'stop' : 'now' }),
        box(-6, -44, 12, 44, { fill: 'paper', stroke: 'ink', weight: 3 }),
      ),
    ),
  };
}
