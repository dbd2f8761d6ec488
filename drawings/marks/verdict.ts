import { box, circle, line, path, polygon, shapes } from '../kit/shapes';
import type { Shape } from '../shape';

/** A verdict or a standing that stands beside its word. */
export type Verdict =
  'within' | 'out' | 'waiting' | 'barred' | 'now' | 'ahead' | 'leftOpen' | 'past';

export const VERDICT_FRAME = { x: 0, y: 0, width: 20, height: 20 } as const;

/** A verdict in a shape of its own, never told by colour alone. */
export function verdictShape(verdict: Verdict): readonly Shape[] {
  switch (verdict) {
    case 'within':
      return [path('M3 11 L8 16 L17 4', { stroke: 'within', weight: 3 })];
    case 'out':
      return [
        polygon(
          [
            [10, 2],
            [19, 18],
            [1, 18],
          ],
          { fill: 'stop' },
        ),
      ];
    case 'waiting':
      return shapes(
        circle(10, 10, 8, { stroke: 'waiting', weight: 2.5 }),
        path('M10 5 L10 10 L14 12', { stroke: 'waiting', weight: 2.5 }),
      );
    case 'leftOpen':
      return [box(3, 3, 14, 14, { fill: 'waiting' })];
    case 'barred':
      return shapes(
        line(4, 4, 16, 16, { stroke: 'soft', weight: 3 }),
        line(16, 4, 4, 16, { stroke: 'soft', weight: 3 }),
      );
    case 'now':
      return [
        polygon(
          [
            [10, 1],
            [19, 10],
            [10, 19],
            [1, 10],
          ],
          { fill: 'now' },
        ),
      ];
    case 'past':
      return [path('M12 3 L5 10 L12 17 M5 10 L18 10', { stroke: 'past', weight: 3 })];
    case 'ahead':
      return [circle(10, 10, 7.5, { stroke: 'soft', weight: 2 })];
  }
}
