import { View } from 'react-native';
import Svg, { Circle, G, Line, Polygon, Text as SvgText } from 'react-native-svg';
import type { LinerArrange } from '@cardinex/core/block/linerArrange';
import { arrangeWords as w } from '@cardinex/words/en/arrange';
import { lengthFigure } from '@cardinex/words/en/quantity';
import { useUnits } from '../../../device/preferences';
import { DrawnWord } from '../../../ui/DrawnWord';
import { usePalette } from '../../../ui/useTheme';

interface Props {
  readonly bores: readonly string[];
  /** Null where bores have no liners of their own yet. */
  readonly standing: LinerArrange | null;
  readonly best: LinerArrange;
}

const WIDTH = 412;
const HEIGHT = 206;
const OLD = 54;
const NEW = 156;
const FONT = 'BarlowSemiCondensed_700Bold';

/** Two rows of the block from above: where each liner came from, an arrow to where it goes, its height. */
export function MovesDrawing({ bores, standing, best }: Props) {
  const c = usePalette();
  const { length: unit } = useUnits();
  const pitch = (WIDTH - 12) / bores.length;
  const radius = Math.min(33, pitch * 0.42);
  const x = (bore: string): number => 6 + pitch * (bores.indexOf(bore) + 0.5);
  const figure = (mm: number): string => lengthFigure(mm, unit);
  const said = ({ placement }: LinerArrange): string =>
    placement.map((p) => w.inBore(p.bore, p.liner, figure(p.standOutMm))).join(', ');
  const brokenIn = (found: LinerArrange, bore: string): boolean =>
    found.breaks.some((one) => one.bores.includes(bore));
  return (
    <View role="img" aria-label={w.drawing(standing ? said(standing) : w.none, said(best))}>
      <Svg
        width="100%"
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        style={{ aspectRatio: WIDTH / HEIGHT }}
        aria-hidden
      >
        {best.placement.map(({ bore, liner }) => {
          const moved = bore !== liner;
          const from = bores.includes(liner) ? x(liner) : x(bore);
          return (
            <Arrow
              key={bore}
              from={[from, OLD + radius]}
              to={[x(bore), NEW - radius - 3]}
              moved={moved}
            />
          );
        })}
        {bores.map((bore) => {
          const old = standing?.placement.find((p) => p.bore === bore);
          const placed = best.placement.find((p) => p.bore === bore);
          return (
            <G key={bore}>
              <Place
                at={[x(bore), OLD]}
                radius={radius}
                name={bore}
                height={old ? figure(old.standOutMm) : '–'}
                out={standing !== null && brokenIn(standing, bore)}
                moved={false}
              />
              <Place
                at={[x(bore), NEW]}
                radius={radius}
                name={placed?.liner ?? ''}
                height={placed ? figure(placed.standOutMm) : '–'}
                out={brokenIn(best, bore)}
                moved={placed !== undefined && placed.liner !== bore}
              />
            </G>
          );
        })}
        <SvgText x={4} y={14} fill={c.soft} fontSize={14} fontFamily={FONT}>
          {w.asTheyAreRow}
        </SvgText>
        <SvgText x={4} y={HEIGHT - 4} fill={c.soft} fontSize={14} fontFamily={FONT}>
          {w.bestRow(unit)}
        </SvgText>
      </Svg>
    </View>
  );
}

function Arrow({
  from: [x1, y1],
  to: [x2, y2],
  moved,
}: {
  from: readonly [number, number];
  to: readonly [number, number];
  moved: boolean;
}) {
  const c = usePalette();
  const tone = moved ? c.blue : c.soft;
  const turned = (Math.atan2(y2 - y1, x2 - x1) * 180) / Math.PI - 90;
  return (
    <G>
      <Line
        x1={x1}
        y1={y1}
        x2={x2}
        y2={y2}
        stroke={tone}
        strokeWidth={moved ? 4 : 2}
        strokeDasharray={moved ? '' : '3 4'}
      />
      {moved ? (
        <G x={x2} y={y2} rotation={turned}>
          <Polygon points="0,2 -7,-11 7,-11" fill={tone} />
        </G>
      ) : null}
    </G>
  );
}

interface PlaceProps {
  readonly at: readonly [number, number];
  readonly radius: number;
  readonly name: string;
  readonly height: string;
  readonly out: boolean;
  readonly moved: boolean;
}

function Place({ at: [cx, cy], radius, name, height, out, moved }: PlaceProps) {
  const c = usePalette();
  const tone = out ? c.red : moved ? c.blue : c.ink;
  return (
    <G x={cx} y={cy}>
      <Circle r={radius} fill={c.card} stroke={tone} strokeWidth={moved || out ? 4 : 2.5} />
      <DrawnWord
        x={0}
        y={-radius * 0.28 + radius * 0.6 * 0.36}
        size={radius * 0.6}
        text={name}
        fill={tone}
      />
      <DrawnWord
        x={0}
        y={radius * 0.42 + radius * 0.56 * 0.36}
        size={radius * 0.56}
        text={height}
        fill={c.ink}
      />
      {out ? (
        <Polygon
          points={`${radius * 0.75},${-radius - 2} ${radius * 0.75 + 10},${-radius + 15} ${radius * 0.75 - 10},${-radius + 15}`}
          fill={c.red}
          stroke={c.card}
          strokeWidth={2}
        />
      ) : null}
    </G>
  );
}
