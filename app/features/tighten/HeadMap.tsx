import type { BoltStatus } from '@cardinex/core/job/run/views';
import { pathNumber } from '../../ui/pathNumber';
import { Circle, G, Line, Path, Polygon, Polyline, Rect, Text as SvgText } from 'react-native-svg';
import type { FastenedSet, TreatmentKind } from '@cardinex/core/sheet/spec/fastening';
import { usePalette } from '../../ui/useTheme';
import { Deck } from './Deck';
import { markScale } from './markScale';
import { TreatmentGlyph } from './TreatmentGlyph';

interface MapBolt {
  readonly id: string;
  readonly status: BoltStatus;
}

interface Props {
  readonly set: Pick<FastenedSet, 'map' | 'fasteners' | 'instances'>;
  readonly bolts: readonly MapBolt[];
  readonly currentId: string | null;
  readonly nextId: string | null;
  readonly label: string;
  readonly onPress?: ((id: string) => void) | undefined;
  /** What goes on each thread, where they differ. */
  readonly treatments?: ReadonlyMap<string, TreatmentKind>;
  /** What each got, written under its mark. */
  readonly values?: ReadonlyMap<string, string>;
  /** The one in sight was done earlier: its cross-hair has the colour of looking back. */
  readonly past?: boolean;
}

const BOLT_MM = 25;

/**
 * A head from above, cylinder 1 at the left. Every standing has a shape of its own with the number
 * kept: hexagon to do, its lower half thick once one end is pulled, disc with a tick done, cross-hair now, dashed next, triangle not so.
 */
export function HeadMap(props: Props) {
  const { set, bolts, currentId, nextId, label, onPress, treatments, values } = props;
  const { past = false } = props;
  const statusOf = new Map(bolts.map((bolt) => [bolt.id, bolt.status]));
  const scale = markScale(set, BOLT_MM);
  return (
    <Deck set={set} label={label} numberSize={28 * scale}>
      {set.fasteners.map(({ id, number, xMm, yMm }) => (
        <G key={id} x={xMm} y={yMm} scale={scale} {...(onPress && { onPress: () => onPress(id) })}>
          <Bolt
            number={number}
            status={statusOf.get(id) ?? 'open'}
            current={id === currentId}
            next={id === nextId}
            past={past}
          />
          <Treated kind={treatments?.get(id)} current={id === currentId} />
          {values?.has(id) ? <Got text={values.get(id) ?? ''} /> : null}
        </G>
      ))}
    </Deck>
  );
}

/** Under its mark, where no number stands. */
function Got({ text }: { text: string }) {
  const c = usePalette();
  return <Label x={0} y={BOLT_MM * 1.75} text={text} fill={c.ink} size={27} />;
}

/** At the lower right of its bolt, where no standing has a part of its shape. */
function Treated({ kind, current }: { kind: TreatmentKind | undefined; current: boolean }) {
  if (!kind) return null;
  const off = BOLT_MM * (current ? 1.25 : 1.05);
  return (
    <G x={off} y={off}>
      <TreatmentGlyph kind={kind} />
    </G>
  );
}

interface BoltProps {
  readonly number: string;
  readonly status: BoltStatus;
  readonly current: boolean;
  readonly next: boolean;
  readonly past: boolean;
}

const corners = (...degs: readonly number[]): string =>
  degs
    .map((deg) => {
      const rad = (deg * Math.PI) / 180;
      return `${pathNumber(Math.cos(rad) * BOLT_MM * 1.08)},${pathNumber(Math.sin(rad) * BOLT_MM * 1.08)}`;
    })
    .join(' ');

const HEXAGON = corners(0, 60, 120, 180, 240, 300);
const LOWER_HALF = corners(0, 60, 120, 180);

function Bolt({ number, status, current, next, past }: BoltProps) {
  const c = usePalette();
  if (current) {
    const reach = BOLT_MM * 1.75;
    const [colour, onColour] = past ? [c.past, c.onPast] : [c.blue, c.onBlue];
    return (
      <G>
        <Line x1={-reach} x2={reach} stroke={colour} strokeWidth={5} />
        <Line y1={-reach} y2={reach} stroke={colour} strokeWidth={5} />
        <Circle r={BOLT_MM * 1.3} fill={colour} />
        <Label x={0} y={0} text={number} fill={onColour} size={36} />
      </G>
    );
  }
  switch (status) {
    case 'done':
      return (
        <G>
          <Circle r={BOLT_MM} fill={c.green} />
          <Path
            d={`M${BOLT_MM * 0.35} ${-BOLT_MM * 0.95} L${BOLT_MM * 0.7} ${-BOLT_MM * 0.6} L${BOLT_MM * 1.35} ${-BOLT_MM * 1.45}`}
            fill="none"
            stroke={c.green}
            strokeWidth={6}
          />
          <Label x={0} y={0} text={number} fill={c.onGreen} />
        </G>
      );
    case 'failed':
    case 'contested':
      return (
        <G>
          <Polygon points="0,-34 34,24 -34,24" fill={c.card} stroke={c.red} strokeWidth={5} />
          <Label x={0} y={4} text={number} fill={c.red} size={26} />
        </G>
      );
    case 'sweep':
      return (
        <G>
          <Rect
            x={-BOLT_MM}
            y={-BOLT_MM}
            width={BOLT_MM * 2}
            height={BOLT_MM * 2}
            fill={c.card}
            stroke={c.brass}
            strokeWidth={5}
          />
          <Label x={0} y={0} text={number} fill={c.ink} />
        </G>
      );
    case 'half':
      return (
        <G>
          <Polygon points={HEXAGON} fill={c.card} stroke={next ? c.blue : c.ink} strokeWidth={4} />
          <Polyline points={LOWER_HALF} fill="none" stroke={c.green} strokeWidth={11} />
          <Label x={0} y={0} text={number} fill={c.ink} />
        </G>
      );
    case 'open':
      return (
        <G>
          <Polygon
            points={HEXAGON}
            fill={c.card}
            stroke={next ? c.blue : c.ink}
            strokeWidth={next ? 5 : 4}
            {...(next && { strokeDasharray: '10 6' })}
          />
          <Label x={0} y={0} text={number} fill={c.ink} />
        </G>
      );
  }
}

function Label({
  x,
  y,
  text,
  fill,
  size = 28,
}: {
  x: number;
  y: number;
  text: string;
  fill: string;
  size?: number;
}) {
  return (
    <SvgText
      x={x}
      y={y + size * 0.36}
      fill={fill}
      fontSize={size}
      fontFamily="BarlowSemiCondensed_700Bold"
      textAnchor="middle"
    >
      {text}
    </SvgText>
  );
}
