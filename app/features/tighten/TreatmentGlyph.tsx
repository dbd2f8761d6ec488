import { Circle, G, Line, Path, Polygon, Rect } from 'react-native-svg';
import type { TreatmentKind } from '@cardinex/core/sheet/spec/fastening';
import { usePalette } from '../../ui/useTheme';

/** Half as wide as it is drawn, in millimetres of the map. */
export const GLYPH_MM = 13;

/**
 * What goes on a thread, as a shape: a drop of oil, a bar of paste, a ring of sealant, a coat of its
 * own, a crossed-out drop for dry, a leaf for what the leaflet says.
 */
export function TreatmentGlyph({ kind }: { kind: TreatmentKind }) {
  const c = usePalette();
  const line = { stroke: c.ink, strokeWidth: 3.5, fill: c.card };
  switch (kind) {
    case 'oil':
      return <Path d={DROP} {...line} fill={c.ink} />;
    case 'dry':
      return (
        <G>
          <Path d={DROP} {...line} />
          <Line x1={-12} y1={12} x2={12} y2={-12} stroke={c.ink} strokeWidth={4} />
        </G>
      );
    case 'paste':
      return (
        <G>
          <Rect x={-13} y={-11} width={26} height={9} rx={3} {...line} fill={c.ink} />
          <Rect x={-13} y={3} width={26} height={9} rx={3} {...line} fill={c.ink} />
        </G>
      );
    case 'sealant':
      return <Circle r={9} {...line} strokeWidth={7} />;
    case 'coated':
      return <Polygon points="0,-14 14,0 0,14 -14,0" {...line} />;
    case 'as-leaflet':
      return (
        <G>
          <Rect x={-10} y={-13} width={20} height={26} {...line} />
          <Line x1={-5} x2={5} y1={-4} y2={-4} stroke={c.ink} strokeWidth={3} />
          <Line x1={-5} x2={5} y1={4} y2={4} stroke={c.ink} strokeWidth={3} />
        </G>
      );
  }
}

const DROP = 'M0 -14 C7 -4 11 1 11 6 A11 9 0 0 1 -11 6 C-11 1 -7 -4 0 -14 Z';
