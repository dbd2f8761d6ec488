import type { BridgeStep } from '@cardinex/core/job/facts/valves';
import { box, circle, line, path, shapes } from '../kit/shapes';
import type { Drawing, Look } from '../shape';

interface BridgeFacts {
  readonly step: BridgeStep;
  readonly yoke: boolean;
  readonly description: string;
}

const PART: Look = { stroke: 'ink', weight: 3.5, fill: 'paper' };

/**
 * A bridge or a yoke over its two stems. Equalised: held over the fixed stem, its screw brought to the
 * other. Tried: fingers either side, it must not turn.
 */
export function bridgeDrawing({ step, yoke, description }: BridgeFacts): Drawing {
  return {
    kind: 'bridge',
    description,
    frame: { x: -110, y: -64, width: 220, height: 128 },
    shapes: shapes(
      [-62, 62].map((x) => box(x - 8, 16, 16, 44, PART)),
      box(-82, -18, 164, 22, { ...PART, corner: 6 }),
      yoke ? circle(0, -7, 9, PART) : box(-9, 4, 18, 54, PART),
      line(62, -34, 62, 16, { stroke: 'now', weight: 7 }),
      line(-62, 4, -62, 16, { stroke: 'ink', weight: 7 }),
      step === 'equalised'
        ? [
            path('M-62 -58 V-26 M-70 -36 L-62 -24 L-54 -36', { stroke: 'now', weight: 5 }),
            path('M48 -44 A14 14 0 1 1 76 -44 M70 -52 L77 -42 L82 -54', {
              stroke: 'now',
              weight: 4,
            }),
          ]
        : path('M-88 -34 A92 30 0 0 1 88 -34 M-78 -46 L-89 -33 L-72 -31 M78 -46 L89 -33 L72 -31', {
            stroke: 'stop',
            weight: 4,
            dash: [7, 5],
          }),
    ),
  };
}
