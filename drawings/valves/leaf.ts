import type { ItemKind } from '@cardinex/core/sheet/settingItems';
import type { OverheadSpec } from '@cardinex/core/sheet/spec/overhead';
import { box, circle, group, line, path, shapes, type Part } from '../kit/shapes';
import type { Drawing, Look } from '../shape';

interface LeafFacts {
  readonly spec: Pick<OverheadSpec, 'gear' | 'actsOn'>;
  readonly item: ItemKind;
  readonly description: string;
}

const OUTLINE: Look = { stroke: 'ink', weight: 3.5 };
const PART: Look = { ...OUTLINE, fill: 'paper' };
const rod = (weight: number): Look => ({ stroke: 'ink', weight });

/** Where the leaf goes: a blue stroke between the two faces the sheet names. */
export function leafDrawing({ spec, item, description }: LeafFacts): Drawing {
  return {
    kind: 'leaf',
    description,
    frame: { x: -100, y: -65, width: 200, height: 130 },
    shapes: shapes(
      item === 'brake' || item === 'actuator'
        ? plunger(item)
        : spec.gear === 'overhead-cam'
          ? camOnShim()
          : rockerOn(spec.actsOn),
    ),
  };
}

/** The leaf itself: a handle to the right, its end between the faces. */
function leaf(x: number, y: number): Part {
  return line(x - 16, y, x + 62, y, { stroke: 'now', weight: 5 });
}

/** A valve stem with its spring. */
function stem(x: number, y: number): Part {
  return group(
    { x, y },
    box(-5, 0, 10, 62, { fill: 'paper', stroke: 'ink', weight: 3 }),
    path('M-14 18 L14 26 L-14 34 L14 42 L-14 50', { stroke: 'soft', weight: 3 }),
    line(-16, 14, 16, 14, rod(4)),
  );
}

function rockerOn(over: OverheadSpec['actsOn']): Part {
  const face = over === 'valve' ? 2 : -8;
  return [
    path('M-84 -28 L-30 -46 L34 -30 Q46 -26 44 -12 L24 -14 L-26 -26 L-74 -12 Z', PART),
    circle(-26, -36, 8, PART),
    line(-76, -12, -76, 62, rod(6)),
    line(-76, -44, -76, -22, rod(7)),
    over === 'valve'
      ? stem(34, face)
      : [
          box(4, face + 2, 60, 12, { ...PART, corner: 4 }),
          over === 'yoke' && circle(34, face + 8, 5, { fill: 'ink' }),
          stem(12, face + 16),
          stem(56, face + 16),
        ],
    leaf(34, face - 5),
  ];
}

function camOnShim(): Part {
  return [
    path('M-22 -30 A22 22 0 1 0 22 -30 Q14 -62 0 -62 Q-14 -62 -22 -30 Z', PART),
    circle(0, -30, 5, { fill: 'ink' }),
    box(-24, 2, 48, 9, { ...OUTLINE, fill: 'soft' }),
    path('M-30 11 H30 V48 H18 V22 H-18 V48 H-30 Z', PART),
    line(0, 22, 0, 62, rod(9)),
    leaf(0, -3),
  ];
}

function plunger(over: 'brake' | 'actuator'): Part {
  return [
    path('M-40 -60 H40 V-30 H18 V-8 H-18 V-30 H-40 Z', PART),
    box(-12, -14, 24, 16, { ...OUTLINE, fill: 'soft' }),
    over === 'brake'
      ? [
          box(-5, 12, 10, 14, PART),
          box(-60, 24, 120, 14, { ...PART, corner: 5 }),
          line(-48, 38, -48, 64, rod(8)),
          line(48, 38, 48, 64, rod(8)),
        ]
      : path('M-70 34 L-20 12 L40 12 L66 26 L60 40 L0 30 L-62 48 Z', PART),
    leaf(0, 7),
  ];
}
