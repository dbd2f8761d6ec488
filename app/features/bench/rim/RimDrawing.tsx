import { pathNumber } from '../../../ui/pathNumber';
import { View } from 'react-native';
import Svg, { Circle, G, Path, Polygon } from 'react-native-svg';
import { rimBench as w } from '@cardinex/words/en/bench';
import { degrees } from '@cardinex/words/en/quantity';
import { usePalette } from '../../../ui/useTheme';

const SIZE = 140;
const RIM = 54;

/** A rim with the pointer at its top and the arc to mark off from there. */
export function RimDrawing({ deg }: { deg: number }) {
  const c = usePalette();
  const shown = Math.max(-359, Math.min(359, deg));
  const rad = ((shown - 90) * Math.PI) / 180;
  const end = `${pathNumber(RIM * Math.cos(rad))} ${pathNumber(RIM * Math.sin(rad))}`;
  const sweep = `${Math.abs(shown) > 180 ? 1 : 0} ${shown > 0 ? 1 : 0}`;
  return (
    <View role="img" aria-label={w.drawing(degrees(deg))}>
      <Svg width={SIZE} height={SIZE} viewBox={`0 0 ${SIZE} ${SIZE}`} aria-hidden>
        <G x={SIZE / 2} y={SIZE / 2 + 6}>
          <Circle r={RIM} fill="none" stroke={c.ink} strokeWidth={c.stroke} />
          <Path
            d={`M0 ${-RIM} A${RIM} ${RIM} 0 ${sweep} ${end}`}
            fill="none"
            stroke={c.blue}
            strokeWidth={9}
          />
          <Polygon points="-9,-74 9,-74 0,-57" fill={c.red} />
        </G>
      </Svg>
    </View>
  );
}
