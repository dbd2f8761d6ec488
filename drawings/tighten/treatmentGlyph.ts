import type { TreatmentKind } from '@cardinex/core/sheet/spec/fastening';
import { box, circle, line, path, polygon, shapes } from '../kit/shapes';
import type { Look, Shape } from '../shape';

/** Half as wide as it is drawn, in millimetres of the map. */
export const GLYPH_MM = 13;

const DROP = 'M0 -14 C7 -4 11 1 11 6 A11 9 0 0 1 -11 6 C-11 1 -7 -4 0 -14 Z';
const OPEN: Look = { stroke: 'ink', weight: 3.5, fill: 'paper' };
const FULL: Look = { ...OPEN, fill: 'ink' };

/**
 * What goes on a thread, as a shape: a drop of oil, a bar of paste, a ring of sealant, a coat of its
 * own, a crossed-out drop for dry, a leaf for what the leaflet says.
 */
export function treatmentGlyph(kind: TreatmentKind): readonly Shape[] {
  switch (kind) {
    case 'oil':
      return [path(DROP, FULL)];
    case 'dry':
      return [path(DROP, OPEN), line(-12, 12, 12, -12, { stroke: 'ink', weight: 4 })];
    case 'paste':
      return shapes([-11, 3].map((y) => box(-13, y, 26, 9, { ...FULL, corner: 3 })));
    case 'sealant':
      return [circle(0, 0, 9, { ...OPEN, weight: 7 })];
    case 'coated':
      return [
        polygon(
          [
            [0, -14],
            [14, 0],
            [0, 14],
            [-14, 0],
          ],
          OPEN,
        ),
      ];
    case 'as-leaflet':
      return shapes(
        box(-10, -13, 20, 26, OPEN),
        [-4, 4].map((y) => line(-5, y, 5, y, { stroke: 'ink', weight: 3 })),
      );
  }
}
