import { pistonTravel } from '@cardinex/core/crank/pistonTravel';
import type { Overhead } from '@cardinex/core/overhead/barringInput';
import type { SettableHere } from '@cardinex/core/overhead/settable';
import { isValve } from '@cardinex/core/sheet/settingItems';
import { box, group, line, path, shapes, word, type Part } from '../kit/shapes';
import type { Drawing, Look } from '../shape';

interface CylindersFacts {
  readonly overhead: Overhead;
  readonly here: SettableHere;
  readonly description: string;
}

const WIDE = 46;
const STROKE = 52;
/** Rods are near enough so long, in strokes, to draw a piston's place. */
const ROD_STROKES = 1.75;
const OUTLINE: Look = { stroke: 'ink', weight: 2.5 };

type Verdict = SettableHere['items'][number]['verdict'];

/** Every cylinder as it stands: its piston, the way it goes, which valves are lifted, and which may be set. */
export function cylindersDrawing({ overhead, here, description }: CylindersFacts): Drawing {
  const cylinders = [...here.cylinders].sort((a, b) => a.cylinder - b.cylinder);
  const verdictOf = new Map(here.items.map(({ id, verdict }) => [id, verdict]));
  return {
    kind: 'cylinders-in-cycle',
    description,
    frame: { x: 0, y: -38, width: cylinders.length * WIDE, height: 142 },
    shapes: shapes(
      cylinders.map(({ cylinder, localDeg }, at) => {
        const valves = overhead.items.filter((item) => item.cylinder === cylinder && isValve(item));
        return group(
          { x: at * WIDE + WIDE / 2 },
          piston(localDeg),
          valves.map(({ id }, place) =>
            valve(valves.length === 1 ? 0 : place === 0 ? -9 : 9, verdictOf.get(id)),
          ),
          word(0, 100, 17, String(cylinder), 'ink'),
        );
      }),
    ),
  };
}

function piston(localDeg: number): Part {
  const { belowTopMm } = pistonTravel({
    crankDeg: localDeg,
    strokeMm: STROKE,
    rodMm: STROKE * ROD_STROKES,
  });
  const crown = 4 + belowTopMm;
  const down = localDeg % 360 < 180;
  return [
    path('M-17 84 V0 H17 V84', OUTLINE),
    box(-15, crown, 30, 20, { fill: 'soft', opacity: 0.45 }),
    line(-15, crown, 15, crown, OUTLINE),
    path(down ? 'M-5 70 L0 79 L5 70' : 'M-5 79 L0 70 L5 79', { stroke: 'soft', weight: 2.5 }),
  ];
}

function valve(x: number, verdict: Verdict | undefined): Part {
  const lifted = verdict === 'lifted';
  const settable = verdict === 'settable';
  const tone = lifted ? 'stop' : settable ? 'now' : 'soft';
  return group(
    { x, y: lifted ? 8 : 0 },
    line(0, -26, 0, 2, { stroke: tone, weight: 4 }),
    path('M-7 2 H7 L3 -4 H-3 Z', { fill: tone }),
    settable && path('M-5 -31 L-1 -27 L6 -34', { stroke: tone, weight: 3 }),
    lifted && line(-6, -30, 6, -30, { stroke: tone, weight: 4 }),
  );
}
