import { View } from 'react-native';
import Svg, { G, Line, Path, Rect } from 'react-native-svg';
import { pistonTravel } from '@cardinex/core/crank/pistonTravel';
import type { SettableHere } from '@cardinex/core/overhead/settable';
import type { Overhead } from '@cardinex/core/overhead/barringInput';
import { isValve } from '@cardinex/core/sheet/settingItems';
import { valvesScreen as w } from '@cardinex/words/en/cards/valves';
import { DrawnWord } from '../../../ui/DrawnWord';
import { usePalette } from '../../../ui/useTheme';

interface Props {
  readonly overhead: Overhead;
  readonly here: SettableHere;
}

const WIDE = 46;
const STROKE = 52;
/** Rods are near enough so long, in strokes, to draw a piston's place. */
const ROD_STROKES = 1.75;

/**
 * Every cylinder as it stands: its piston, the way it goes, which of its valves are lifted, and which may
 * be set.
 */
export function CylindersDrawing({ overhead, here }: Props) {
  const c = usePalette();
  const cylinders = [...here.cylinders].sort((a, b) => a.cylinder - b.cylinder);
  const verdictOf = new Map(here.items.map(({ id, verdict }) => [id, verdict]));
  const label = cylinders
    .map(({ cylinder, stroke, localDeg }) => w.doing(cylinder, stroke, localDeg === 0))
    .join('. ');
  const line = { stroke: c.ink, strokeWidth: 2.5 };
  return (
    <View role="img" aria-label={label}>
      <Svg
        width="100%"
        viewBox={`0 -38 ${cylinders.length * WIDE} 142`}
        style={{ aspectRatio: (cylinders.length * WIDE) / 142, maxHeight: 180 }}
        aria-hidden
      >
        {cylinders.map(({ cylinder, localDeg }, at) => {
          const { belowTopMm } = pistonTravel({
            crankDeg: localDeg,
            strokeMm: STROKE,
            rodMm: STROKE * ROD_STROKES,
          });
          const down = localDeg % 360 < 180;
          const valves = overhead.items.filter(
            (item) => item.cylinder === cylinder && isValve(item),
          );
          return (
            <G key={cylinder} x={at * WIDE + WIDE / 2}>
              <Path d="M-17 84 V0 H17 V84" fill="none" {...line} />
              <Rect
                x={-15}
                y={4 + belowTopMm}
                width={30}
                height={20}
                fill={c.soft}
                opacity={0.45}
              />
              <Line x1={-15} x2={15} y1={4 + belowTopMm} y2={4 + belowTopMm} {...line} />
              <Path
                d={down ? 'M-5 70 L0 79 L5 70' : 'M-5 79 L0 70 L5 79'}
                fill="none"
                stroke={c.soft}
                strokeWidth={2.5}
              />
              {valves.map(({ id }, place) => {
                const verdict = verdictOf.get(id);
                const x = valves.length === 1 ? 0 : place === 0 ? -9 : 9;
                const lift = verdict === 'lifted' ? 8 : 0;
                const tone =
                  verdict === 'lifted' ? c.red : verdict === 'settable' ? c.blue : c.soft;
                return (
                  <G key={id} x={x} y={lift}>
                    <Line y1={-26} y2={2} stroke={tone} strokeWidth={4} />
                    <Path d="M-7 2 H7 L3 -4 H-3 Z" fill={tone} />
                    {verdict === 'settable' ? (
                      <Path d="M-5 -31 L-1 -27 L6 -34" fill="none" stroke={tone} strokeWidth={3} />
                    ) : null}
                    {verdict === 'lifted' ? (
                      <Line x1={-6} x2={6} y1={-30} y2={-30} stroke={tone} strokeWidth={4} />
                    ) : null}
                  </G>
                );
              })}
              <DrawnWord x={0} y={100} size={17} text={String(cylinder)} fill={c.ink} />
            </G>
          );
        })}
      </Svg>
    </View>
  );
}
