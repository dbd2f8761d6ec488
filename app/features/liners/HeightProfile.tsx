import { View } from 'react-native';
import Svg, { G, Line, Polyline, Rect, Text as SvgText } from 'react-native-svg';
import type { LinerCheck } from '@cardinex/core/block/linerCheck';
import { boreIds, readingsOf } from '@cardinex/core/job/cards/liners/view';
import { mean } from '@cardinex/core/quantity/mean';
import type { JobSheet } from '@cardinex/core/job/scope';
import { lengthFigure } from '@cardinex/words/en/quantity';
import { linersWords as w } from '@cardinex/words/en/screens';
import { useUnits } from '../../device/preferences';
import { usePalette } from '../../ui/useTheme';
import { useJob } from '../job/JobProvider';

interface Props {
  readonly sheet: JobSheet;
  readonly check: LinerCheck | null;
  readonly limits: { readonly lowMm: number; readonly highMm: number };
}

/** As wide as the block above it, however many bores share the width. */
const WIDTH = 412;
const HEIGHT = 140;
const TOP = 12;
const BOTTOM = 130;

/**
 * The heights side by side under the block, greatly magnified: the deck below, the limits as a
 * band, each liner from its lowest to its highest reading, and the step to the next.
 */
export function HeightProfile({ sheet, check, limits }: Props) {
  const c = usePalette();
  const units = useUnits();
  const { state } = useJob();
  const bores = boreIds(sheet);
  const readings = bores.map((id) => readingsOf(state.liners, id));
  const all = [...readings.flat(), limits.lowMm, limits.highMm, 0];
  const lowest = Math.min(...all);
  const span = Math.max(...all) - lowest || 1;
  const y = (mm: number): number => BOTTOM - ((mm - lowest) / span) * (BOTTOM - TOP);
  const pitch = (WIDTH - 12) / bores.length;
  const x = (place: number): number => 6 + pitch * (place + 0.5);
  const width = WIDTH;
  const heights = check?.bores
    .map((b) => `${b.id} ${lengthFigure(b.meanMm, units.length)}`)
    .join(', ');
  const figure = (mm: number): string => lengthFigure(mm, units.length);
  return (
    <View role="img" aria-label={w.profileLabel(heights ?? w.unread)}>
      <Svg
        width="100%"
        viewBox={`0 0 ${width} ${HEIGHT}`}
        style={{ aspectRatio: width / HEIGHT }}
        aria-hidden
      >
        <Rect
          x={2}
          width={width - 4}
          y={y(limits.highMm)}
          height={y(limits.lowMm) - y(limits.highMm)}
          fill={c.tab}
        />
        <Line x1={2} x2={width - 2} y1={y(0)} y2={y(0)} stroke={c.ink} strokeWidth={c.stroke} />
        <Small x={6} y={y(limits.highMm) + 15} text={figure(limits.highMm)} />
        <Small x={6} y={y(limits.lowMm) - 3} text={figure(limits.lowMm)} />
        <Small x={6} y={y(0) - 3} text="0" />
        {check?.differences.map((d) => {
          const from = bores.indexOf(d.from);
          const to = bores.indexOf(d.to);
          const means = [d.from, d.to].map(
            (id) => check.bores.find((b) => b.id === id)?.meanMm ?? 0,
          );
          return (
            <Polyline
              key={d.to}
              points={`${x(from)},${y(means[0] ?? 0)} ${x(to)},${y(means[1] ?? 0)}`}
              stroke={d.verdict === 'over' ? c.red : c.soft}
              strokeWidth={d.verdict === 'over' ? 4 : 2}
              strokeDasharray={d.verdict === 'over' ? '' : '4 4'}
            />
          );
        })}
        {readings.map((of, place) => {
          if (of.length === 0) return null;
          const found = check?.bores.find((b) => b.id === bores[place]);
          const out = found && (found.verdict !== 'within' || found.tiltVerdict === 'over');
          const tone = out ? c.red : c.ink;
          return (
            <G key={bores[place]}>
              <Rect
                x={x(place) - 13}
                width={26}
                y={y(Math.max(...of)) - 1}
                height={Math.max(3, y(Math.min(...of)) - y(Math.max(...of)) + 2)}
                fill={out ? c.red : c.soft}
                opacity={0.45}
              />
              <Line
                x1={x(place) - 19}
                x2={x(place) + 19}
                y1={y(mean(of))}
                y2={y(mean(of))}
                stroke={tone}
                strokeWidth={5}
              />
            </G>
          );
        })}
      </Svg>
    </View>
  );
}

function Small({ x, y, text }: { x: number; y: number; text: string }) {
  const c = usePalette();
  return (
    <SvgText x={x} y={y} fill={c.soft} fontSize={14} fontFamily="BarlowSemiCondensed_600SemiBold">
      {text}
    </SvgText>
  );
}
