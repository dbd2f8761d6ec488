import { pathNumber } from '../../../ui/pathNumber';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Polygon, Rect, Text as SvgText } from 'react-native-svg';
import { wrenchBench as w } from '@cardinex/words/en/bench';
import { degrees } from '@cardinex/words/en/quantity';
import { usePalette } from '../../../ui/useTheme';

interface Props {
  readonly armMm: number;
  readonly adapterMm: number;
  readonly adapterDeg: number;
}

const WIDTH = 340;
const HEIGHT = 150;

/** The wrench from above with its adapter at the angle given: what counts is how far the bolt is from the hand. */
export function WrenchDrawing({ armMm, adapterMm, adapterDeg }: Props) {
  const c = usePalette();
  const arm = 165;
  const scale = arm / Math.max(armMm, 1);
  // A short adapter is drawn long enough to be seen: what the drawing is for is its direction.
  const reach = adapterMm > 0 ? Math.min(Math.max(adapterMm * scale, 48), 104) : 0;
  const square = { x: 118, y: 78 };
  const rad = ((180 - adapterDeg) * Math.PI) / 180;
  const bolt = { x: square.x + reach * Math.cos(rad), y: square.y - reach * Math.sin(rad) };
  const hexagon = [0, 60, 120, 180, 240, 300]
    .map((deg) => (deg * Math.PI) / 180)
    .map((a) => `${pathNumber(bolt.x + 13 * Math.cos(a))},${pathNumber(bolt.y + 13 * Math.sin(a))}`)
    .join(' ');
  return (
    <View role="img" aria-label={w.drawing(degrees(adapterDeg))}>
      <Svg
        width="100%"
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        style={{ aspectRatio: WIDTH / HEIGHT }}
        aria-hidden
      >
        <Line
          x1={square.x}
          y1={square.y}
          x2={bolt.x}
          y2={bolt.y}
          stroke={c.blue}
          strokeWidth={8}
          strokeLinecap="round"
        />
        <G>
          <Line
            x1={square.x}
            y1={square.y}
            x2={square.x + arm}
            y2={square.y}
            stroke={c.ink}
            strokeWidth={c.stroke * 3}
          />
          <Rect
            x={square.x + arm - 34}
            y={square.y - 8}
            width={68}
            height={16}
            rx={8}
            fill={c.card}
            stroke={c.ink}
            strokeWidth={c.stroke}
          />
          <Line
            x1={square.x + arm}
            x2={square.x + arm}
            y1={square.y - 14}
            y2={square.y + 14}
            stroke={c.blue}
            strokeWidth={4}
          />
          <Circle
            cx={square.x}
            cy={square.y}
            r={15}
            fill={c.card}
            stroke={c.ink}
            strokeWidth={c.stroke * 1.5}
          />
          <Rect x={square.x - 6} y={square.y - 6} width={12} height={12} fill={c.ink} />
        </G>
        <Polygon points={hexagon} fill={c.card} stroke={c.blue} strokeWidth={4} />
        <SvgText
          x={square.x + arm / 2}
          y={square.y + 34}
          textAnchor="middle"
          fill={c.soft}
          fontSize={16}
          fontFamily="BarlowSemiCondensed_600SemiBold"
        >
          {`${Math.round(armMm)} mm`}
        </SvgText>
      </Svg>
    </View>
  );
}
