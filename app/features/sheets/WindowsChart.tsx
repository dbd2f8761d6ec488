import { View } from 'react-native';
import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { cycleDegrees } from '@cardinex/core/overhead/cycle';
import { cycleWindows, type NamedWindow } from '@cardinex/core/sheet/cycleWindows';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { degrees } from '@cardinex/words/en/quantity';
import { sheetsWords as w } from '@cardinex/words/en/sheets/screen';
import { usePalette } from '../../ui/useTheme';

const WIDTH = 340;
const ROW = 34;
const HEAD = 26;
const FOOT = 22;

/** One cylinder's cycle from its firing top: a bar for everything that is lifted in it. */
export function WindowsChart({ sheet }: { sheet: EngineSheet }) {
  const c = usePalette();
  const windows = cycleWindows(sheet);
  if (windows.length === 0) return null;
  const cycle = cycleDegrees(sheet.strokes);
  const strokes = sheet.strokes === 4 ? w.strokes4 : w.strokes2;
  const height = HEAD + windows.length * ROW + FOOT;
  const x = (deg: number): number => (deg / cycle) * WIDTH;
  const told = windows
    .map((one) => w.lifted(nameOf(one), degrees(one.fromDeg), degrees(one.toDeg)))
    .join(' ');
  return (
    <View role="img" aria-label={w.windowsLabel(told)}>
      <Svg
        width="100%"
        viewBox={`-4 0 ${WIDTH + 8} ${height}`}
        style={{ aspectRatio: (WIDTH + 8) / height }}
        aria-hidden
      >
        {strokes.map((stroke, place) => (
          <G key={stroke}>
            <Label x={x((place + 0.5) * 180)} y={16} text={stroke} fill={c.soft} />
            <Line
              x1={x(place * 180)}
              x2={x(place * 180)}
              y1={HEAD - 4}
              y2={height - FOOT + 4}
              stroke={c.rule}
              strokeWidth={c.stroke / 1.5}
            />
          </G>
        ))}
        <Line
          x1={WIDTH}
          x2={WIDTH}
          y1={HEAD - 4}
          y2={height - FOOT + 4}
          stroke={c.rule}
          strokeWidth={c.stroke / 1.5}
        />
        {windows.map((one, place) => (
          <Bar key={one.what} window={one} y={HEAD + place * ROW} x={x} cycle={cycle} />
        ))}
        {[...strokes, ''].map((_, place) => (
          <Label
            key={place}
            x={Math.min(Math.max(x(place * 180), 8), WIDTH - 14)}
            y={height - 4}
            text={degrees(place * 180)}
            fill={c.ink}
          />
        ))}
      </Svg>
    </View>
  );
}

/** A bar that runs past the end of the cycle goes on at its beginning. */
function Bar({
  window,
  y,
  x,
  cycle,
}: {
  window: NamedWindow;
  y: number;
  x: (deg: number) => number;
  cycle: number;
}) {
  const c = usePalette();
  const fill = window.what === 'exhaust' ? c.tab : window.what === 'intake' ? c.card : c.rule;
  const parts =
    window.toDeg > cycle
      ? [
          [window.fromDeg, cycle],
          [0, window.toDeg - cycle],
        ]
      : [[window.fromDeg, window.toDeg]];
  const [from = 0, to = 0] = parts[0] ?? [];
  return (
    <G>
      {parts.map(([a = 0, b = 0]) => (
        <Rect
          key={a}
          x={x(a)}
          y={y + 3}
          width={x(b) - x(a)}
          height={ROW - 8}
          rx={3}
          fill={fill}
          stroke={c.ink}
          strokeWidth={c.stroke}
          {...(window.what === 'intake' && { strokeDasharray: '6 3' })}
        />
      ))}
      <Label x={x((from + to) / 2)} y={y + 21} text={nameOf(window)} fill={c.ink} />
    </G>
  );
}

function nameOf({ what, name }: NamedWindow): string {
  if (name !== undefined) return name.toLowerCase();
  return what === 'intake' || what === 'exhaust' ? w.kinds[what] : w.injector;
}

function Label({ x, y, text, fill }: { x: number; y: number; text: string; fill: string }) {
  return (
    <SvgText
      x={x}
      y={y}
      fill={fill}
      fontSize={14}
      fontFamily="BarlowSemiCondensed_600SemiBold"
      textAnchor="middle"
    >
      {text}
    </SvgText>
  );
}
