import type { TraceSample, TraceVerdict } from '@cardinex/core/tightening/traceVerdict';
import { polyline } from '../kit/coordinate';
import { linearScale } from '../kit/scale';
import { circle, line, path, shapes, word, type Part } from '../kit/shapes';
import type { Drawing, Look, Role } from '../shape';

interface TorqueTraceFacts {
  readonly samples: readonly TraceSample[];
  readonly found: TraceVerdict;
  readonly description: string;
  /** What is written where it seated and where it began to yield. */
  readonly seat: string;
  readonly yields: string;
  readonly figure: (nm: number) => string;
}

const WIDTH = 400;
const HEIGHT = 220;
const LEFT = 44;
const FOOT = 26;

/** Torque over turn, with where it seated, how steeply it clamped, and where it began to yield. */
export function torqueTraceDrawing(facts: TorqueTraceFacts): Drawing {
  const { samples, found, description, figure } = facts;
  const { seatedAt, yieldedAt, slopeNmPerDeg, peakNm } = found;
  const from = samples[0]?.deg ?? 0;
  const turn = Math.max(1e-6, (samples.at(-1)?.deg ?? from) - from);
  const most = Math.max(1e-6, peakNm) * 1.08;
  const x = linearScale([from, from + turn], [LEFT, WIDTH - 8]);
  const y = linearScale([0, most], [HEIGHT - FOOT, 8]);
  // As far as the drawing goes.
  const slope = ({ deg, nm }: TraceSample, perDeg: number): Part => {
    const on = Math.min(from + turn - deg, (most - nm) / perDeg);
    const look: Look = { stroke: 'soft', weight: 2, dash: [6, 5] };
    return line(x(deg), y(nm), x(deg + on), y(nm + perDeg * on), look);
  };
  const axis: Look = { stroke: 'soft', weight: { lines: 1 } };
  return {
    kind: 'torque-trace',
    description,
    frame: { x: 0, y: 0, width: WIDTH, height: HEIGHT },
    shapes: shapes(
      line(LEFT, 4, LEFT, y(0), axis),
      line(LEFT, y(0), WIDTH, y(0), axis),
      seatedAt && slopeNmPerDeg ? slope(seatedAt, slopeNmPerDeg) : null,
      path(polyline(samples.map(({ deg, nm }) => [x(deg), y(nm)] as const)), {
        stroke: 'now',
        weight: 3.5,
      }),
      seatedAt && marked(x(seatedAt.deg), y(seatedAt.nm), facts.seat, 'within'),
      yieldedAt && marked(x(yieldedAt.deg), y(yieldedAt.nm), facts.yields, 'stop'),
      word(LEFT - 22, y(peakNm) + 6, 16, figure(peakNm), 'ink'),
      word(LEFT - 22, y(0), 16, '0', 'ink'),
      word(WIDTH - 24, HEIGHT - 6, 16, `${Math.round(turn)}°`, 'ink'),
    ),
  };
}

function marked(x: number, y: number, text: string, tone: Role): Part {
  return [
    circle(x, y, 7, { fill: 'paper', stroke: tone, weight: 3 }),
    word(x, y - 13, 16, text, tone),
  ];
}
