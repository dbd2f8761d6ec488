import type { BridgeStep } from '@cardinex/core/job/facts/valves';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { valvesScreen as w } from '@cardinex/words/en/cards/valves';
import { usePalette } from '../../../ui/useTheme';

/**
 * A bridge or a yoke over its two stems. Equalised: held over the fixed stem, its screw brought to the
 * other. Tried: fingers either side, it must not turn.
 */
export function BridgeDrawing({ step, yoke }: { step: BridgeStep; yoke: boolean }) {
  const c = usePalette();
  const line = { stroke: c.ink, strokeWidth: 3.5 };
  return (
    <View role="img" aria-label={w.bridgeDrawing(step, yoke)}>
      <Svg width={220} height={128} viewBox="-110 -64 220 128" aria-hidden>
        {[-62, 62].map((x) => (
          <Rect key={x} x={x - 8} y={16} width={16} height={44} fill={c.card} {...line} />
        ))}
        <Rect x={-82} y={-18} width={164} height={22} rx={6} fill={c.card} {...line} />
        {yoke ? (
          <Circle r={9} cy={-7} fill={c.card} {...line} />
        ) : (
          <Rect x={-9} y={4} width={18} height={54} fill={c.card} {...line} />
        )}
        <Line x1={62} x2={62} y1={-34} y2={16} stroke={c.blue} strokeWidth={7} />
        <Line x1={-62} x2={-62} y1={4} y2={16} {...line} strokeWidth={7} />
        {step === 'equalised' ? (
          <G>
            <Path
              d="M-62 -58 V-26 M-70 -36 L-62 -24 L-54 -36"
              fill="none"
              stroke={c.blue}
              strokeWidth={5}
            />
            <Path
              d="M48 -44 A14 14 0 1 1 76 -44 M70 -52 L77 -42 L82 -54"
              fill="none"
              stroke={c.blue}
              strokeWidth={4}
            />
          </G>
        ) : (
          <Path
            d="M-88 -34 A92 30 0 0 1 88 -34 M-78 -46 L-89 -33 L-72 -31 M78 -46 L89 -33 L72 -31"
            fill="none"
            stroke={c.red}
            strokeWidth={4}
            strokeDasharray="7 5"
          />
        )}
      </Svg>
    </View>
  );
}
