import { pathNumber } from '../../../ui/pathNumber';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Polygon } from 'react-native-svg';
import { tightenScreen as w } from '@cardinex/words/en/cards/tighten';
import { usePalette } from '../../../ui/useTheme';

interface Props {
  readonly deg: number;
  /** How far it has been turned; null where nobody counts. */
  readonly turned: number | null;
}

const SIZE = 104;
const RIM = 44;

/** A turn counted from the paint mark at the top: how far to go, and how far it is. */
export function Protractor({ deg, turned }: Props) {
  const c = usePalette();
  const shown = Math.min(359, deg);
  return (
    <View
      role="img"
      aria-label={w.protractor(Math.round(deg), turned === null ? null : Math.round(turned))}
    >
      <Svg width={SIZE} height={SIZE} viewBox={`0 0 ${SIZE} ${SIZE}`} aria-hidden>
        <G x={SIZE / 2} y={SIZE / 2}>
          <Circle r={RIM} fill="none" stroke={c.soft} strokeWidth={c.stroke} />
          {Array.from({ length: 12 }, (_, at) => (
            <Line key={at} {...ray(at * 30, RIM - 6, RIM)} stroke={c.soft} strokeWidth={c.stroke} />
          ))}
          <Path d={arc(shown, RIM)} fill="none" stroke={c.blue} strokeWidth={8} />
          {turned === null || turned <= 0 ? null : (
            <Path
              d={arc(Math.min(359, turned), RIM - 11)}
              fill="none"
              stroke={turned > deg + 3 ? c.red : c.green}
              strokeWidth={7}
            />
          )}
          <Line {...ray(shown, 8, RIM + 6)} stroke={c.blue} strokeWidth={4} />
          <Polygon points="-6,-52 6,-52 0,-40" fill={c.ink} />
          <Polygon points={HEXAGON} fill={c.card} stroke={c.ink} strokeWidth={c.stroke} />
        </G>
      </Svg>
    </View>
  );
}

const HEXAGON = [0, 60, 120, 180, 240, 300].map((at) => point(at, 13).join(',')).join(' ');

/** Clockwise from the top, as a spanner turns. */
function point(deg: number, radius: number): readonly [string, string] {
  const rad = ((deg - 90) * Math.PI) / 180;
  return [pathNumber(radius * Math.cos(rad)), pathNumber(radius * Math.sin(rad))];
}

function ray(deg: number, from: number, to: number) {
  const [x1, y1] = point(deg, from);
  const [x2, y2] = point(deg, to);
  return { x1, y1, x2, y2 };
}

function arc(deg: number, radius: number): string {
  const [x, y] = point(deg, radius);
  return `M0 ${-radius} A${radius} ${radius} 0 ${deg > 180 ? 1 : 0} 1 ${x} ${y}`;
}
