import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import type { ItemKind } from '@cardinex/core/sheet/settingItems';
import type { OverheadSpec } from '@cardinex/core/sheet/spec/overhead';
import { valvesScreen as w } from '@cardinex/words/en/cards/valves';
import { usePalette } from '../../../ui/useTheme';

interface Props {
  readonly spec: Pick<OverheadSpec, 'gear' | 'actsOn'>;
  readonly kind: ItemKind;
  /** As the sheet says it. */
  readonly between: string;
}

/** Where the leaf goes: a blue stroke between the two faces the sheet names. */
export function LeafDrawing({ spec, kind, between }: Props) {
  return (
    <View role="img" aria-label={w.leafDrawing(between)}>
      <Svg width={200} height={130} viewBox="-100 -65 200 130" aria-hidden>
        {kind === 'brake' || kind === 'actuator' ? (
          <Plunger over={kind} />
        ) : spec.gear === 'overhead-cam' ? (
          <CamOnShim />
        ) : (
          <RockerOn over={spec.actsOn} />
        )}
      </Svg>
    </View>
  );
}

/** The leaf itself: a handle to the right, its end between the faces. */
function Leaf({ x, y }: { x: number; y: number }) {
  const c = usePalette();
  return <Line x1={x - 16} x2={x + 62} y1={y} y2={y} stroke={c.blue} strokeWidth={5} />;
}

/** A valve stem with its spring, or the bridge over two of them. */
function Stem({ x, y }: { x: number; y: number }) {
  const c = usePalette();
  return (
    <G x={x} y={y}>
      <Rect x={-5} width={10} height={62} fill={c.card} stroke={c.ink} strokeWidth={3} />
      <Path d="M-14 18 L14 26 L-14 34 L14 42 L-14 50" fill="none" stroke={c.soft} strokeWidth={3} />
      <Line x1={-16} x2={16} y1={14} y2={14} stroke={c.ink} strokeWidth={4} />
    </G>
  );
}

function RockerOn({ over }: { over: OverheadSpec['actsOn'] }) {
  const c = usePalette();
  const stroke = { stroke: c.ink, strokeWidth: 3.5 };
  const face = over === 'valve' ? 2 : -8;
  return (
    <G>
      <Path
        d="M-84 -28 L-30 -46 L34 -30 Q46 -26 44 -12 L24 -14 L-26 -26 L-74 -12 Z"
        fill={c.card}
        {...stroke}
      />
      <Circle cx={-26} cy={-36} r={8} fill={c.card} {...stroke} />
      <Line x1={-76} x2={-76} y1={-12} y2={62} {...stroke} strokeWidth={6} />
      <Line x1={-76} x2={-76} y1={-44} y2={-22} {...stroke} strokeWidth={7} />
      {over === 'valve' ? (
        <Stem x={34} y={face} />
      ) : (
        <G>
          <Rect x={4} y={face + 2} width={60} height={12} rx={4} fill={c.card} {...stroke} />
          {over === 'yoke' ? <Circle cx={34} cy={face + 8} r={5} fill={c.ink} /> : null}
          <Stem x={12} y={face + 16} />
          <Stem x={56} y={face + 16} />
        </G>
      )}
      <Leaf x={34} y={face - 5} />
    </G>
  );
}

function CamOnShim() {
  const c = usePalette();
  const stroke = { stroke: c.ink, strokeWidth: 3.5 };
  return (
    <G>
      <Path
        d="M-22 -30 A22 22 0 1 0 22 -30 Q14 -62 0 -62 Q-14 -62 -22 -30 Z"
        fill={c.card}
        {...stroke}
      />
      <Circle cy={-30} r={5} fill={c.ink} />
      <Rect x={-24} y={2} width={48} height={9} fill={c.soft} {...stroke} />
      <Path d="M-30 11 H30 V48 H18 V22 H-18 V48 H-30 Z" fill={c.card} {...stroke} />
      <Line y1={22} y2={62} {...stroke} strokeWidth={9} />
      <Leaf x={0} y={-3} />
    </G>
  );
}

function Plunger({ over }: { over: 'brake' | 'actuator' }) {
  const c = usePalette();
  const stroke = { stroke: c.ink, strokeWidth: 3.5 };
  return (
    <G>
      <Path d="M-40 -60 H40 V-30 H18 V-8 H-18 V-30 H-40 Z" fill={c.card} {...stroke} />
      <Rect x={-12} y={-14} width={24} height={16} fill={c.soft} {...stroke} />
      {over === 'brake' ? (
        <G>
          <Rect x={-5} y={12} width={10} height={14} fill={c.card} {...stroke} />
          <Rect x={-60} y={24} width={120} height={14} rx={5} fill={c.card} {...stroke} />
          <Line x1={-48} x2={-48} y1={38} y2={64} {...stroke} strokeWidth={8} />
          <Line x1={48} x2={48} y1={38} y2={64} {...stroke} strokeWidth={8} />
        </G>
      ) : (
        <Path d="M-70 34 L-20 12 L40 12 L66 26 L60 40 L0 30 L-62 48 Z" fill={c.card} {...stroke} />
      )}
      <Leaf x={0} y={7} />
    </G>
  );
}
