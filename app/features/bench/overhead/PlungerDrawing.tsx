import { View } from 'react-native';
import Svg, { G, Line, Rect } from 'react-native-svg';
import { overheadBench as w } from '@cardinex/words/en/overheadBench';
import { usePalette } from '../../../ui/useTheme';

const TRAVEL = 70;

/** A tappet cut open: its body, its plunger where it stands, and the travel that is left below. */
export function PlungerDrawing({ share }: { share: number }) {
  const c = usePalette();
  const deep = Math.min(1, Math.max(0, share)) * TRAVEL;
  const tone = share > 1 ? c.red : c.blue;
  return (
    <View role="img" aria-label={w.plunger(Math.round(share * 100))}>
      <Svg width={120} height={150} viewBox="-60 -46 120 150" aria-hidden>
        <Line x1={-28} x2={-28} y1={-6} y2={96} stroke={c.ink} strokeWidth={c.stroke * 2} />
        <Line x1={28} x2={28} y1={-6} y2={96} stroke={c.ink} strokeWidth={c.stroke * 2} />
        <Line x1={-28} x2={28} y1={96} y2={96} stroke={c.ink} strokeWidth={c.stroke * 2} />
        <Line x1={-46} x2={46} stroke={c.soft} strokeWidth={2} strokeDasharray="5 4" />
        <G y={deep}>
          <Rect x={-24} width={48} height={22} fill={tone} />
          <Rect
            x={-6}
            y={-44}
            width={12}
            height={44}
            fill={c.card}
            stroke={c.ink}
            strokeWidth={3}
          />
        </G>
      </Svg>
    </View>
  );
}
