import { pathNumber } from '../../../ui/pathNumber';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path } from 'react-native-svg';
import type { ScrewTurn } from '@cardinex/core/overhead/screwTurn';
import { screwBench as w } from '@cardinex/words/en/bench';
import { degrees } from '@cardinex/words/en/quantity';
import { usePalette } from '../../../ui/useTheme';

const SIZE = 120;
const RADIUS = 46;

/** The screw's head from above: the slot where it is, where it goes, and the way between. */
export function TurnDrawing({ deg, direction }: Pick<ScrewTurn, 'deg' | 'direction'>) {
  const c = usePalette();
  // Screwing in is clockwise for a right-hand thread, seen from its head.
  const way = direction === 'out' ? -1 : 1;
  const shown = Math.min(deg, 350);
  const rad = ((way * shown - 90) * Math.PI) / 180;
  const end = `${pathNumber(RADIUS * Math.cos(rad))} ${pathNumber(RADIUS * Math.sin(rad))}`;
  return (
    <View role="img" aria-label={w.drawing(degrees(deg), w.way[direction])}>
      <Svg width={SIZE} height={SIZE} viewBox={`0 0 ${SIZE} ${SIZE}`} aria-hidden>
        <G x={SIZE / 2} y={SIZE / 2}>
          <Circle r={34} fill={c.card} stroke={c.ink} strokeWidth={c.stroke} />
          <Line y1={-30} y2={30} stroke={c.soft} strokeWidth={3} strokeDasharray="4 4" />
          <Line
            y1={-30}
            y2={30}
            stroke={c.ink}
            strokeWidth={7}
            transform={`rotate(${way * (deg % 360)})`}
          />
          {deg > 1 ? (
            <Path
              d={`M0 ${-RADIUS} A${RADIUS} ${RADIUS} 0 ${shown > 180 ? 1 : 0} ${way === 1 ? 1 : 0} ${end}`}
              fill="none"
              stroke={c.blue}
              strokeWidth={7}
            />
          ) : null}
        </G>
      </Svg>
    </View>
  );
}
