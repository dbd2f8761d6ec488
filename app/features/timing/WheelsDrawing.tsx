import { View } from 'react-native';
import Svg, { Circle, G, Line, Polygon } from 'react-native-svg';
import type { MarkPlace, TimingSpec, TimingWheel } from '@cardinex/core/sheet/spec/timing';
import { timingWords as w } from '@cardinex/words/en/cards/timing';
import { endName } from '@cardinex/words/en/quantity';
import { DrawnWord } from '../../ui/DrawnWord';
import { usePalette } from '../../ui/useTheme';

interface Props {
  readonly timing: TimingSpec;
  /** How each mark stands, by its number from 1. */
  readonly standing: (mark: number) => MarkStanding;
  /** What is in hand, in words. */
  readonly said: string;
}

export type MarkStanding = 'open' | 'now' | 'done' | 'failed';

const WIDTH = 380;
const HEIGHT = 270;
const MARGIN = 24;
const NAME_SIZE = 18;
/** How wide a letter of the names is, as a share of its size: the face is a narrow one. */
const LETTER = 0.5;
/** Room kept between a name and the rim of its wheel, for a mark that stands there. */
const NAME_ROOM = 14;

/**
 * The timing wheels as they are seen, each with its name and teeth, and every mark where it stands. What is
 * in hand is a cross-hair, set a tick's circle, wrong a triangle, open a ring: told apart by shape.
 */
export function WheelsDrawing({ timing, standing, said }: Props) {
  const c = usePalette();
  const { wheels = [], markPlaces = [], drive, links, seenFrom } = timing;
  if (wheels.length === 0) return null;
  const scale = scaleOf(wheels, drive);
  const placed = wheels.map((wheel) => ({ ...wheel, ...scale(wheel) }));
  const find = (id: string | undefined) => placed.find((wheel) => wheel.id === id);
  const seen = seenFrom ? `, ${w.seenFrom(endName(seenFrom))}` : '';
  return (
    <View role="img" aria-label={w.drawing(seen, said)}>
      <Svg
        width="100%"
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        style={{ aspectRatio: WIDTH / HEIGHT, maxHeight: 300 }}
        aria-hidden
      >
        {drive === 'gears' ? null : <Chain wheels={placed} />}
        {placed.map(({ id, name, teeth, x, y, r }) => (
          <G key={id}>
            <Circle
              cx={x}
              cy={y}
              r={r}
              fill={c.card}
              stroke={c.ink}
              strokeWidth={c.stroke * 1.6}
              {...(drive === 'gears' && { strokeDasharray: `${toothOn(r, teeth)}` })}
            />
            <WheelName x={x} y={y} r={r} name={name} teeth={teeth} />
          </G>
        ))}
        {markPlaces.map((place, nth) => {
          const wheel = find(place.wheel);
          if (!wheel) return null;
          const [x, y] = pointOf(place, wheel, find(place.meets));
          return <MarkShape key={nth} x={x} y={y} standing={standing(place.mark)} />;
        })}
        {links !== undefined && drive !== 'gears' ? (
          <DrawnWord
            x={WIDTH - 72}
            y={HEIGHT - 8}
            size={15}
            text={w.links(links, drive)}
            fill={c.soft}
          />
        ) : null}
      </Svg>
    </View>
  );
}

/** Inside the wheel where there is room, else on the side that is nearer to the edge. */
function WheelName({ x, y, r, name, teeth }: Pick<Placed, 'x' | 'y' | 'r' | 'name' | 'teeth'>) {
  const c = usePalette();
  const half = (name.length * NAME_SIZE * LETTER) / 2;
  const inside = half + NAME_ROOM <= r;
  const at = inside ? x : x + (x > WIDTH / 2 ? 1 : -1) * (r + NAME_ROOM + half);
  return (
    <G>
      <Circle cx={x} cy={y} r={3} fill={c.ink} />
      <DrawnWord x={at} y={y - 7} size={NAME_SIZE} text={name} fill={c.ink} />
      <DrawnWord x={at} y={y + 21} size={NAME_SIZE} text={w.teeth(teeth)} fill={c.soft} />
    </G>
  );
}

interface Placed extends TimingWheel {
  readonly x: number;
  readonly y: number;
  readonly r: number;
}

/** Fits the wheels into the drawing: gears touch, sprockets stand apart. */
function scaleOf(wheels: readonly TimingWheel[], drive: TimingSpec['drive']) {
  const radius = radiiOf(wheels, drive);
  const left = Math.min(...wheels.map((wheel) => wheel.xMm - radius(wheel)));
  const right = Math.max(...wheels.map((wheel) => wheel.xMm + radius(wheel)));
  const low = Math.min(...wheels.map((wheel) => wheel.yMm - radius(wheel)));
  const high = Math.max(...wheels.map((wheel) => wheel.yMm + radius(wheel)));
  const factor = Math.min(
    (WIDTH - 2 * MARGIN) / (right - left),
    (HEIGHT - 2 * MARGIN) / (high - low),
  );
  const x0 = (WIDTH - (right - left) * factor) / 2;
  const y0 = (HEIGHT - (high - low) * factor) / 2;
  return (wheel: TimingWheel) => ({
    x: x0 + (wheel.xMm - left) * factor,
    y: y0 + (high - wheel.yMm) * factor,
    r: radius(wheel) * factor,
  });
}

/** One tooth is as long on every wheel: the radius that makes the two nearest gears touch. */
function radiiOf(wheels: readonly TimingWheel[], drive: TimingSpec['drive']) {
  const perTooth = wheels.flatMap((one, nth) =>
    wheels
      .slice(nth + 1)
      .map(
        (other) => Math.hypot(one.xMm - other.xMm, one.yMm - other.yMm) / (one.teeth + other.teeth),
      ),
  );
  const nearest = Math.min(...perTooth) * (drive === 'gears' ? 1 : 0.85);
  return ({ teeth }: TimingWheel): number => teeth * nearest;
}

/** Where a mark is seen: where two wheels mesh, or at an angle of its own. */
function pointOf(place: MarkPlace, wheel: Placed, meets: Placed | undefined): [number, number] {
  if (meets) {
    const way = Math.hypot(meets.x - wheel.x, meets.y - wheel.y) || 1;
    return [
      wheel.x + ((meets.x - wheel.x) / way) * wheel.r,
      wheel.y + ((meets.y - wheel.y) / way) * wheel.r,
    ];
  }
  const angle = (((place.atDeg ?? 0) - 90) * Math.PI) / 180;
  return [wheel.x + Math.cos(angle) * wheel.r, wheel.y + Math.sin(angle) * wheel.r];
}

function toothOn(r: number, teeth: number): number {
  return Math.max(1.5, (Math.PI * r) / teeth);
}

/** The run of the chain, from wheel to wheel round the outside. */
function Chain({ wheels }: { wheels: readonly Placed[] }) {
  const c = usePalette();
  const middle = {
    x: wheels.reduce((sum, { x }) => sum + x, 0) / wheels.length,
    y: wheels.reduce((sum, { y }) => sum + y, 0) / wheels.length,
  };
  const round = [...wheels].sort(
    (a, b) =>
      Math.atan2(a.y - middle.y, a.x - middle.x) - Math.atan2(b.y - middle.y, b.x - middle.x),
  );
  const runs =
    round.length === 2
      ? [
          [round[0], round[1]],
          [round[1], round[0]],
        ]
      : round.map((wheel, nth) => [wheel, round[(nth + 1) % round.length]]);
  return (
    <G>
      {runs.map(([from, to], nth) => {
        if (!from || !to) return null;
        const way = Math.hypot(to.x - from.x, to.y - from.y) || 1;
        // Clockwise round the wheels the outside lies to the left of the way.
        const [nx, ny] = [(to.y - from.y) / way, -(to.x - from.x) / way];
        return (
          <Line
            key={nth}
            x1={from.x + nx * from.r}
            y1={from.y + ny * from.r}
            x2={to.x + nx * to.r}
            y2={to.y + ny * to.r}
            stroke={c.ink}
            strokeWidth={5}
            strokeDasharray="5 3"
          />
        );
      })}
    </G>
  );
}

function MarkShape({ x, y, standing }: { x: number; y: number; standing: MarkStanding }) {
  const c = usePalette();
  switch (standing) {
    case 'now':
      return (
        <G>
          <Circle cx={x} cy={y} r={14} fill="none" stroke={c.blue} strokeWidth={4} />
          <Line x1={x - 22} x2={x + 22} y1={y} y2={y} stroke={c.blue} strokeWidth={3} />
          <Line x1={x} x2={x} y1={y - 22} y2={y + 22} stroke={c.blue} strokeWidth={3} />
        </G>
      );
    case 'failed':
      return (
        <Polygon points={`${x},${y - 11} ${x + 12},${y + 9} ${x - 12},${y + 9}`} fill={c.red} />
      );
    case 'done':
      return <Circle cx={x} cy={y} r={9} fill={c.green} />;
    case 'open':
      return <Circle cx={x} cy={y} r={9} fill={c.card} stroke={c.soft} strokeWidth={3} />;
  }
}
