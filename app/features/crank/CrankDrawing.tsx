import { View } from 'react-native';
import Svg, { G, Line, Path, Polygon, Rect } from 'react-native-svg';
import { firingOf } from '@cardinex/core/sheet/overheadOf';
import type { Layout } from '@cardinex/core/sheet/spec/layout';
import { buildWords as w } from '@cardinex/words/en/cards/buildSteps';
import { DrawnWord } from '../../ui/DrawnWord';
import { usePalette } from '../../ui/useTheme';
import { useJob } from '../job/JobProvider';

export type CapStanding = 'open' | 'now' | 'done' | 'failed';

interface Props {
  /** How many main bearings; one more than the throws between them. */
  readonly mains: number;
  readonly throwStanding?: ((nth: number) => CapStanding) | undefined;
  readonly capStanding?: ((nth: number) => CapStanding) | undefined;
  readonly said: string;
}

const WIDTH = 412;
const HEIGHT = 150;
const AXIS = 62;

/**
 * The crank from the side, cylinder 1's end at the left: throws as they stand with cylinder 1 at its
 * top, each main with its cap under it. What is in hand is cross-haired, done ticked, wrong a triangle.
 */
export function CrankDrawing({ mains, throwStanding, capStanding, said }: Props) {
  const c = usePalette();
  const { sheet } = useJob();
  const throws = Math.max(1, mains - 1);
  const pitch = (WIDTH - 40) / (mains + throws);
  const x = (place: number): number => 20 + pitch * (place + 0.5);
  // On a crank with other throws than one between each two mains only the line of it is drawn.
  const between = mains - 1 === throwsOf(sheet.layout);
  const up = throwsUp(sheet, throws);
  const tone = (standing: CapStanding | undefined): string =>
    ({ open: c.soft, now: c.blue, done: c.green, failed: c.red })[standing ?? 'open'];
  return (
    <View role="img" aria-label={w.crankDrawing(said)}>
      <Svg
        width="100%"
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        style={{ aspectRatio: WIDTH / HEIGHT, maxHeight: 190 }}
        aria-hidden
      >
        {between ? null : (
          <Line
            x1={x(0)}
            x2={x(2 * mains - 2)}
            y1={AXIS}
            y2={AXIS}
            stroke={c.ink}
            strokeWidth={c.stroke * 3}
          />
        )}
        {Array.from({ length: between ? throws : 0 }, (_, nth) => {
          const at = x(2 * nth + 1);
          const y = AXIS - (up[nth] ?? 0) * 30;
          const standing = throwStanding?.(nth + 1);
          const half = pitch * 0.44;
          return (
            <G key={nth}>
              <Path
                d={`M${at - half} ${AXIS} L${at - half} ${y} L${at + half} ${y} L${at + half} ${AXIS}`}
                stroke={c.ink}
                strokeWidth={c.stroke * 1.4}
                fill="none"
              />
              <Rect
                x={at - half}
                y={y - 9}
                width={2 * half}
                height={18}
                rx={3}
                fill={c.card}
                stroke={throwStanding ? tone(standing) : c.ink}
                strokeWidth={standing === 'now' ? 4 : 2.5}
              />
              {throwStanding ? (
                <DrawnWord
                  x={at}
                  y={y + 5}
                  size={14}
                  text={String(nth + 1)}
                  fill={tone(standing)}
                />
              ) : null}
            </G>
          );
        })}
        {Array.from({ length: mains }, (_, nth) => {
          const at = x(2 * nth);
          const standing = capStanding?.(nth + 1);
          const half = pitch * 0.42;
          return (
            <G key={nth}>
              <Rect
                x={at - half}
                y={AXIS - 12}
                width={2 * half}
                height={24}
                fill={c.card}
                stroke={c.ink}
                strokeWidth={c.stroke * 1.4}
              />
              <Path
                d={`M${at - half - 3} ${AXIS + 14} L${at - half - 3} ${AXIS + 34} L${at + half + 3} ${AXIS + 34} L${at + half + 3} ${AXIS + 14}`}
                fill={c.tab}
                stroke={capStanding ? tone(standing) : c.soft}
                strokeWidth={standing === 'now' ? 5 : 3}
              />
              <DrawnWord
                x={at}
                y={AXIS + 56}
                size={18}
                text={String(nth + 1)}
                fill={capStanding ? tone(standing) : c.soft}
              />
              <CapMark standing={standing} x={at} y={AXIS + 72} />
            </G>
          );
        })}
      </Svg>
    </View>
  );
}

/** Two rods share a throw in a V; elsewhere each cylinder has its own. */
function throwsOf({ form, banks }: Layout): number {
  const counts = banks.map(({ cylinders }) => cylinders.length);
  return form === 'v' ? Math.max(...counts) : counts.reduce((sum, count) => sum + count, 0);
}

/** How far up each throw stands with cylinder 1 at its top: 1 up, -1 down. */
function throwsUp(sheet: Parameters<typeof firingOf>[0], throws: number): readonly number[] {
  const firing = new Map(firingOf(sheet).map(({ cylinder, atDeg }) => [cylinder, atDeg]));
  const [row = []] = sheet.layout.banks.map(({ cylinders }) => cylinders);
  return Array.from({ length: throws }, (_, nth) => {
    const atDeg = firing.get(row[nth] ?? 0);
    return atDeg === undefined ? 1 : Math.cos((atDeg * Math.PI) / 180);
  });
}

function CapMark({ standing, x, y }: { standing: CapStanding | undefined; x: number; y: number }) {
  const c = usePalette();
  if (standing === 'done') {
    return (
      <Path
        d={`M${x - 9} ${y} L${x - 2} ${y + 7} L${x + 10} ${y - 7}`}
        fill="none"
        stroke={c.green}
        strokeWidth={4}
      />
    );
  }
  if (standing === 'failed') {
    return <Polygon points={`${x},${y - 9} ${x + 10},${y + 8} ${x - 10},${y + 8}`} fill={c.red} />;
  }
  if (standing !== 'now') return null;
  return (
    <G>
      <Line x1={x - 11} x2={x + 11} y1={y} y2={y} stroke={c.blue} strokeWidth={4} />
      <Line x1={x} x2={x} y1={y - 10} y2={y + 10} stroke={c.blue} strokeWidth={4} />
    </G>
  );
}
