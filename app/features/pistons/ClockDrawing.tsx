import { pathNumber } from '../../ui/pathNumber';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import type { ClockRing, RingClock } from '@cardinex/core/piston/ringClock';
import { clockWords as w } from '@cardinex/words/en/pistons';
import { degrees } from '@cardinex/words/en/quantity';
import { DrawnWord } from '../../ui/DrawnWord';
import { usePalette } from '../../ui/useTheme';

interface Props {
  /** From the crown down. */
  readonly rings: readonly (ClockRing & { readonly name: string })[];
  readonly found: RingClock;
  readonly thrustDeg: 90 | 270;
  readonly keepClearDeg: number;
  /** What the top of the drawing points to: "fan end". */
  readonly towards: string;
}

const WIDTH = 340;
const HEIGHT = 306;
const CX = WIDTH / 2;
const CY = HEIGHT / 2 + 4;
const CROWN = 104;
/** Half of the opening drawn at a gap. */
const OPEN_DEG = 6;

/** The crown from above as a clock: pin, thrust side, what must stay clear, and the gap of every ring. */
export function ClockDrawing({ rings, found, thrustDeg, keepClearDeg, towards }: Props) {
  const c = usePalette();
  const step = Math.min(17, 66 / rings.length);
  const said = found.places
    .map(({ deg }, at) => w.gapAt(rings[at]?.name ?? '', degrees(deg)))
    .join(', ');
  return (
    <View role="img" aria-label={w.drawing(towards, thrustDeg === 90, said)}>
      <Svg
        width="100%"
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        style={{ aspectRatio: WIDTH / HEIGHT, maxHeight: 340 }}
        aria-hidden
      >
        {[0, 180, thrustDeg].map((deg) => (
          <Path
            key={deg}
            d={sector(deg - keepClearDeg, deg + keepClearDeg, CROWN)}
            fill={c.tab}
            stroke="none"
          />
        ))}
        <Circle cx={CX} cy={CY} r={CROWN} fill="none" stroke={c.ink} strokeWidth={c.stroke} />
        <Rect
          x={CX - 13}
          y={CY - 26}
          width={26}
          height={52}
          rx={3}
          fill={c.card}
          stroke={c.soft}
          strokeWidth={1.5}
        />
        <DrawnWord x={CX} y={CY + 5} size={14} text={w.pin} fill={c.soft} />
        <Path
          d={arc(thrustDeg - 24, thrustDeg + 24, CROWN + 4)}
          stroke={c.ink}
          strokeWidth={6}
          fill="none"
        />
        {found.places.map(({ id, deg }, at) => {
          const ring = rings[at];
          const radius = CROWN - 8 - at * step;
          const near = found.tooNear.includes(id);
          const tone = near ? c.red : ring?.kind === 'expander' ? c.soft : c.blue;
          return (
            <G key={id}>
              <Path
                d={arc(deg + OPEN_DEG, deg + 360 - OPEN_DEG, radius)}
                stroke={tone}
                strokeWidth={4}
                strokeDasharray={ring?.kind === 'expander' ? '6 5' : ''}
                fill="none"
              />
              <Tag
                deg={deg}
                from={radius}
                out={labelRadius(found, at)}
                text={String(at + 1)}
                tone={tone}
              />
            </G>
          );
        })}
        <DrawnWord x={CX} y={13} size={15} text={`▲ ${towards}`} fill={c.ink} />
        <DrawnWord
          x={thrustDeg === 90 ? WIDTH - 26 : 26}
          y={CY + 40}
          size={14}
          text={w.thrust}
          fill={c.soft}
        />
      </Svg>
    </View>
  );
}

/** Outside the crown; further out where another gap stands at the same place. */
function labelRadius({ places }: RingClock, at: number): number {
  const before = places.slice(0, at).filter(({ deg }) => deg === places[at]?.deg).length;
  return CROWN + 17 + before * 23;
}

function Tag({
  deg,
  from,
  out,
  text,
  tone,
}: {
  deg: number;
  from: number;
  out: number;
  text: string;
  tone: string;
}) {
  const c = usePalette();
  const [x, y] = point(deg, out);
  const [x1, y1] = point(deg, from);
  const [x2, y2] = point(deg, out - 11);
  return (
    <G>
      <Line x1={x1} y1={y1} x2={x2} y2={y2} stroke={tone} strokeWidth={1.5} />
      <Circle cx={x} cy={y} r={11} fill={c.card} stroke={tone} strokeWidth={2} />
      <DrawnWord x={x} y={y + 5} size={15} text={text} fill={tone} />
    </G>
  );
}

/** Clockwise from the top. */
function point(deg: number, radius: number): readonly [number, number] {
  const turned = (deg * Math.PI) / 180;
  return [CX + radius * Math.sin(turned), CY - radius * Math.cos(turned)];
}

function arc(fromDeg: number, toDeg: number, radius: number): string {
  const [x1, y1] = point(fromDeg, radius);
  const [x2, y2] = point(toDeg, radius);
  const large = toDeg - fromDeg > 180 ? 1 : 0;
  return `M${pathNumber(x1)} ${pathNumber(y1)} A${radius} ${radius} 0 ${large} 1 ${pathNumber(x2)} ${pathNumber(y2)}`;
}

function sector(fromDeg: number, toDeg: number, radius: number): string {
  return `${arc(fromDeg, toDeg, radius)} L${CX} ${CY} Z`;
}
