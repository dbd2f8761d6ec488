import { upTo } from '@cardinex/words/en/kit';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Polygon } from 'react-native-svg';
import { topWords as w } from '@cardinex/words/en/cards/top';
import { usePalette } from '../../ui/useTheme';

const SIZE = 150;
const RIM = 58;

interface Props {
  readonly stops: readonly number[];
  readonly topDeg: number;
}

/** A degree wheel with what it reads at either stop, and the top halfway between. */
export function StopsDrawing({ stops, topDeg }: Props) {
  const c = usePalette();
  return (
    <View role="img" aria-label={w.stops(`${upTo(topDeg, 2)}°`)}>
      <Svg width={SIZE} height={SIZE} viewBox={`0 0 ${SIZE} ${SIZE}`} aria-hidden>
        <G x={SIZE / 2} y={SIZE / 2}>
          <Circle r={RIM} fill="none" stroke={c.ink} strokeWidth={c.stroke} />
          {Array.from({ length: 12 }, (_, hour) => (
            <Line
              key={hour}
              y1={-RIM}
              y2={-RIM + 7}
              stroke={c.soft}
              strokeWidth={2}
              transform={`rotate(${hour * 30})`}
            />
          ))}
          {stops.map((deg, at) => (
            <Line
              key={at}
              y1={-RIM - 10}
              y2={-RIM + 16}
              stroke={c.ink}
              strokeWidth={5}
              transform={`rotate(${deg})`}
            />
          ))}
          <Polygon
            points={`-9,${-RIM - 14} 9,${-RIM - 14} 0,${-RIM + 4}`}
            fill={c.blue}
            transform={`rotate(${topDeg})`}
          />
          <Line y2={-RIM + 8} stroke={c.blue} strokeWidth={4} transform={`rotate(${topDeg})`} />
        </G>
      </Svg>
    </View>
  );
}
