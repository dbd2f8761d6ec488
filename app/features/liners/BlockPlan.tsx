import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Polygon, Rect, Text as SvgText } from 'react-native-svg';
import type { BoreFinding, LinerCheck } from '@cardinex/core/block/linerCheck';
import { lengthFigure } from '@cardinex/words/en/quantity';
import { linersWords as w } from '@cardinex/words/en/screens';
import { useUnits } from '../../device/preferences';
import { usePalette } from '../../ui/useTheme';

interface Props {
  readonly bores: readonly string[];
  readonly check: LinerCheck | null;
  readonly current: string | null;
  readonly onPress: (bore: string) => void;
}

/** Shared by however many bores there are; four have room for the largest circles. */
const WIDTH = 412;
const LARGEST_RADIUS = 38;
const HEIGHT = 96;

/** The block from above, cylinder 1 at the left: each liner with its height and how it stands. */
export function BlockPlan({ bores, check, current, onPress }: Props) {
  const c = usePalette();
  const units = useUnits();
  const findings = new Map(check?.bores.map((b) => [b.id, b]));
  const width = WIDTH;
  const pitch = (WIDTH - 12) / bores.length;
  const radius = Math.min(LARGEST_RADIUS, pitch * 0.42);
  const described = bores
    .map((id) => {
      const found = findings.get(id);
      return found
        ? `Liner ${id} ${lengthFigure(found.meanMm, units.length)} ${units.length}`
        : `Liner ${id} ${w.unread}`;
    })
    .join('. ');
  return (
    <View role="img" aria-label={w.planLabel(described)}>
      <Svg
        width="100%"
        viewBox={`0 0 ${width} ${HEIGHT}`}
        style={{ aspectRatio: width / HEIGHT }}
        aria-hidden
      >
        <Rect
          x={2}
          y={2}
          width={width - 4}
          height={HEIGHT - 4}
          rx={10}
          fill="none"
          stroke={c.ink}
          strokeWidth={c.stroke * 1.3}
        />
        {bores.map((id, place) => (
          <G key={id} x={6 + pitch * (place + 0.5)} y={HEIGHT / 2} onPress={() => onPress(id)}>
            <Liner id={id} radius={radius} finding={findings.get(id)} current={id === current} />
          </G>
        ))}
      </Svg>
    </View>
  );
}

function isOut(finding: BoreFinding): boolean {
  return finding.verdict !== 'within' || finding.tiltVerdict === 'over';
}

function Liner({
  id,
  radius,
  finding,
  current,
}: {
  id: string;
  radius: number;
  finding: BoreFinding | undefined;
  current: boolean;
}) {
  const c = usePalette();
  const units = useUnits();
  const tone = !finding ? c.soft : isOut(finding) ? c.red : c.green;
  return (
    <G>
      {current ? (
        <G>
          <Line x1={-radius - 9} x2={radius + 9} stroke={c.blue} strokeWidth={4} />
          <Line y1={-radius - 8} y2={radius + 8} stroke={c.blue} strokeWidth={4} />
        </G>
      ) : null}
      <Circle
        r={radius}
        fill={c.card}
        stroke={current ? c.blue : tone}
        strokeWidth={current ? 5 : 4}
        {...(finding ? {} : { strokeDasharray: '7 5' })}
      />
      <Label y={-radius / 3} text={id} fill={current ? c.blue : c.soft} size={radius / 2} />
      <Label
        y={radius / 3}
        text={finding ? lengthFigure(finding.meanMm, units.length) : '–'}
        fill={finding ? tone : c.soft}
        size={radius * 0.66}
      />
      {finding && isOut(finding) ? (
        <Polygon points="30,-40 44,-16 16,-16" fill={c.red} stroke={c.card} strokeWidth={2} />
      ) : null}
      {finding && !isOut(finding) ? (
        <Path d="M20 -30 L28 -21 L42 -38" fill="none" stroke={c.green} strokeWidth={5} />
      ) : null}
    </G>
  );
}

function Label({ y, text, fill, size }: { y: number; text: string; fill: string; size: number }) {
  return (
    <SvgText
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
