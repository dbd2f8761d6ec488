import { View } from 'react-native';
import Svg, { G, Line, Polygon, Rect } from 'react-native-svg';
import type { StandOut } from '@cardinex/core/overhead/standOut';
import { overheadBench as w } from '@cardinex/words/en/overheadBench';
import { DrawnWord } from '../../../ui/DrawnWord';
import { usePalette } from '../../../ui/useTheme';

const HEIGHT = 112;
const STEP = 34;
/** How tall a bar stands at the middle one's place. */
const MIDDLE = 52;
/** How much of the drawing the furthest one takes. */
const REACH = 34;

/** Adjusters in their row: how far each stands out; the odd ones by colour, shape and number. */
export function AdjustersDrawing({ items }: { items: StandOut['items'] }) {
  const c = usePalette();
  const furthest = Math.max(0.5, ...items.map(({ offMm }) => Math.abs(offMm)));
  const width = STEP * items.length;
  const odd = items.filter(({ verdict }) => verdict === 'odd').map(({ id }) => id);
  return (
    <View role="img" aria-label={w.adjusters(odd.join(', '))}>
      <Svg
        width="100%"
        height={136}
        viewBox={`0 ${-HEIGHT} ${Math.max(width, 200)} ${HEIGHT + 26}`}
        aria-hidden
      >
        <Line x2={width} stroke={c.ink} strokeWidth={3} />
        <Line
          x2={width}
          y1={-MIDDLE}
          y2={-MIDDLE}
          stroke={c.soft}
          strokeWidth={2}
          strokeDasharray="5 4"
        />
        {items.map(({ id, offMm, verdict }, at) => {
          const tall = MIDDLE + (offMm / furthest) * REACH;
          const out = verdict === 'odd';
          return (
            <G key={id} x={at * STEP + STEP / 2}>
              <Rect
                x={-8}
                y={-tall}
                width={16}
                height={tall}
                fill={out ? c.red : c.card}
                stroke={out ? c.red : c.ink}
                strokeWidth={3}
              />
              {out ? (
                <Polygon points={`-9,${-tall - 4} 9,${-tall - 4} 0,${-tall - 16}`} fill={c.red} />
              ) : null}
              <DrawnWord x={0} y={20} size={17} text={id} fill={out ? c.red : c.ink} />
            </G>
          );
        })}
      </Svg>
    </View>
  );
}
