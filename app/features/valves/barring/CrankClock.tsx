import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Polygon, Text as SvgText } from 'react-native-svg';
import { rim } from '@cardinex/core/crank/rim';
import { wrap } from '@cardinex/core/overhead/cycle';
import type { Firing } from '@cardinex/core/overhead/barringInput';
import { figureMm } from '@cardinex/core/quantity/figureMm';
import type { CrankSpec, Rotation } from '@cardinex/core/sheet/spec/layout';
import { degrees, endName } from '@cardinex/words/en/quantity';
import { valvesScreen as w } from '@cardinex/words/en/cards/valves';
import { usePalette } from '../../../ui/useTheme';

interface Props {
  readonly rotation: Pick<Rotation, 'direction' | 'seenFrom'>;
  /** What the rim is read by: its ring gear, its diameter. */
  readonly crank?: Pick<CrankSpec, 'ringGearTeeth' | 'rimDiameter'> | undefined;
  readonly firing: readonly Firing[];
  /** Where the crank stands; null while unknown, and then the marks stand as at the target. */
  readonly atDeg: number | null;
  readonly toDeg: number;
  readonly barDeg: number | null;
  /** What stands in the middle where nothing is to be barred. */
  readonly centre?: string;
}

const SIZE = 300;
/** Beside the rim there is room for cylinders that share a mark. */
const WIDTH = 400;
const RIM = 118;
const ARROW = 96;

/**
 * The crank as a clock face seen from the named end. The pointer at the top is fixed on the
 * engine; the cylinders' dead-centre marks stand on the rim where they are now and run with it.
 */
export function CrankClock(props: Props) {
  const { rotation, crank, firing, atDeg, toDeg, barDeg, centre = '?' } = props;
  const c = usePalette();
  const turns = rotation.direction === 'clockwise' ? 1 : -1;
  const standsAt = atDeg ?? toDeg;
  const marks = marksOnRim(firing, standsAt);
  const onRim = barDeg ? alongRim(barDeg, crank) : [];
  // High enough that the lowest of several lines clears an arrow that goes all the way round.
  const lines =
    onRim.length > 0 ? { figure: -26, size: 48, first: 0 } : { figure: 0, size: 54, first: 26 };
  const label = w.clockLabel(
    atDeg === null ? '?' : degrees(atDeg),
    barDeg === null ? '' : degrees(barDeg),
    rotation.direction,
    endName(rotation.seenFrom),
  );
  return (
    <View role="img" aria-label={label} className="items-center">
      <Svg width={315} height={236} viewBox={`0 0 ${WIDTH} ${SIZE}`} aria-hidden>
        <G x={WIDTH / 2} y={SIZE / 2}>
          <Circle r={RIM} fill="none" stroke={c.ink} strokeWidth={c.stroke} />
          {Array.from({ length: 36 }, (_, place) => (
            <Tick key={place} deg={place * 10} long={place % 3 === 0} />
          ))}
          {marks.map(({ behindDeg, cylinders }) => (
            <RimMark key={behindDeg} deg={turns * behindDeg} text={cylinders.join(' · ')} />
          ))}
          <Polygon points="-11,-137 11,-137 0,-114" fill={c.red} />
          {barDeg === null || barDeg === 0 ? null : <BarArrow deg={barDeg} turns={turns} />}
          <SvgText
            y={lines.figure}
            textAnchor="middle"
            fill={c.blue}
            fontSize={lines.size}
            fontFamily="BarlowSemiCondensed_700Bold"
          >
            {barDeg === null ? centre : degrees(barDeg)}
          </SvgText>
          {[rotation.direction, ...onRim].map((text, place) => (
            <Caption key={text} y={lines.first + place * 22} text={text} />
          ))}
        </G>
      </Svg>
    </View>
  );
}

/** The way to bar in teeth of the ring gear and along the rim, as far as the sheet prints them. */
function alongRim(deg: number, crank: Props['crank']): readonly string[] {
  const { ringGearTeeth, rimDiameter } = crank ?? {};
  const { teeth, mm } = rim({
    deg,
    ...(ringGearTeeth !== undefined && { teethTotal: ringGearTeeth }),
    ...(rimDiameter && { rimDiaMm: figureMm(rimDiameter) }),
  });
  return [
    ...(teeth === undefined ? [] : [w.teeth(Math.round(teeth))]),
    ...(mm === undefined ? [] : [w.onRim(Math.round(mm))]),
  ];
}

interface MarkOnRim {
  /** How far past the pointer the mark has run, in the running direction. */
  readonly behindDeg: number;
  readonly cylinders: readonly number[];
}

/** Cylinders that share a dead centre share a mark. */
function marksOnRim(firing: readonly Firing[], standsAt: number): MarkOnRim[] {
  const byAngle = new Map<number, number[]>();
  for (const { cylinder, atDeg } of firing) {
    const behind = Math.round(wrap(standsAt - atDeg, 360));
    byAngle.set(
      behind,
      [...(byAngle.get(behind) ?? []), cylinder].sort((a, b) => a - b),
    );
  }
  return [...byAngle].map(([behindDeg, cylinders]) => ({ behindDeg, cylinders }));
}

/** A point at a clock angle: 0 at the top, clockwise positive. */
function at(deg: number, radius: number): [number, number] {
  const rad = ((deg - 90) * Math.PI) / 180;
  return [Math.cos(rad) * radius, Math.sin(rad) * radius];
}

function Tick({ deg, long }: { deg: number; long: boolean }) {
  const c = usePalette();
  const [x1, y1] = at(deg, RIM);
  const [x2, y2] = at(deg, RIM - (long ? 12 : 7));
  return (
    <Line
      x1={x1}
      y1={y1}
      x2={x2}
      y2={y2}
      stroke={c.ink}
      strokeWidth={long ? c.stroke : c.stroke / 2}
    />
  );
}

function RimMark({ deg, text }: { deg: number; text: string }) {
  const c = usePalette();
  const [x, y] = at(deg, RIM + 19);
  const [x1, y1] = at(deg, RIM - 2);
  // At the top the pointer stands where the mark's name would.
  const atTop = Math.abs(wrap(deg + 180, 360) - 180) < 15;
  // Beside the rim a long name runs outwards, never over it.
  const aside = !atTop && Math.abs(x) > RIM * 0.7;
  const [lx, ly] = atTop ? [34, -RIM - 12] : [aside ? x - Math.sign(x) * 8 : x, y];
  return (
    <G>
      <Circle cx={x1} cy={y1} r={6} fill={c.ink} />
      <SvgText
        x={lx}
        y={ly + 7}
        textAnchor={aside ? (x > 0 ? 'start' : 'end') : 'middle'}
        fill={c.ink}
        fontSize={21}
        fontFamily="BarlowSemiCondensed_700Bold"
      >
        {text}
      </SvgText>
    </G>
  );
}

/** An arc in the running direction, as long as the way to bar. */
function BarArrow({ deg, turns }: { deg: number; turns: 1 | -1 }) {
  const c = usePalette();
  const sweep = Math.min(deg, 335);
  const end = turns * (sweep - 9);
  const [x1, y1] = at(0, ARROW);
  const [x2, y2] = at(end, ARROW);
  const [tipX, tipY] = at(turns * sweep, ARROW);
  const [aX, aY] = at(end, ARROW + 15);
  const [bX, bY] = at(end, ARROW - 15);
  const large = sweep - 9 > 180 ? 1 : 0;
  return (
    <G>
      <Path
        d={`M${x1} ${y1} A${ARROW} ${ARROW} 0 ${large} ${turns === 1 ? 1 : 0} ${x2} ${y2}`}
        fill="none"
        stroke={c.blue}
        strokeWidth={8}
      />
      <Polygon points={`${tipX},${tipY} ${aX},${aY} ${bX},${bY}`} fill={c.blue} />
    </G>
  );
}

function Caption({ y, text }: { y: number; text: string }) {
  const c = usePalette();
  return (
    <SvgText
      y={y}
      textAnchor="middle"
      fill={c.soft}
      fontSize={17}
      fontFamily="AtkinsonHyperlegibleNext_400Regular"
    >
      {text}
    </SvgText>
  );
}
