import { View } from 'react-native';
import Svg, { Circle, G, Rect, Text as SvgText } from 'react-native-svg';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { sheetsWords as w } from '@cardinex/words/en/sheets/screen';
import { usePalette } from '../../ui/useTheme';
import { Small } from '../../ui/Words';
import { EndMark } from '../job/EndMark';

interface Props {
  readonly sheet: Pick<EngineSheet, 'layout' | 'cylinder1End'>;
  /** Cylinders already tapped, in order. */
  readonly marked?: readonly number[];
  readonly onPress?: (cylinder: number) => void;
}

const PITCH = 64;
const RADIUS = 24;
const ROW = 66;

/** Every bank from above, the cylinder-1 end at the left; the banks of a V or a flat engine are staggered. */
export function LayoutDrawing({ sheet, marked = [], onPress }: Props) {
  const c = usePalette();
  const { banks } = sheet.layout;
  const most = Math.max(...banks.map((bank) => bank.cylinders.length));
  const drawn = most * PITCH + (banks.length > 1 ? PITCH / 4 : 0);
  const width = Math.max(most, 4) * PITCH + PITCH / 2;
  const inset = (width - drawn) / 2;
  const height = banks.length * ROW + 8;
  const told = banks.map((bank) => `${bank.name}: ${bank.cylinders.join(', ')}.`).join(' ');
  return (
    <View>
      <View className="flex-row justify-between pb-1">
        <EndMark end={sheet.cylinder1End} />
        <Small>{w.layout}</Small>
      </View>
      <View role="img" aria-label={w.layoutLabel(told)}>
        <Svg
          width="100%"
          viewBox={`0 0 ${width} ${height}`}
          style={{ aspectRatio: width / height, maxHeight: 150 }}
          aria-hidden
        >
          <Rect
            x={2}
            y={2}
            width={width - 4}
            height={height - 4}
            rx={8}
            fill="none"
            stroke={c.ink}
            strokeWidth={c.stroke}
          />
          {banks.map((bank, row) =>
            bank.cylinders.map((cylinder, place) => (
              <G
                key={cylinder}
                x={inset + PITCH * (place + 0.5) + (row % 2) * (PITCH / 4)}
                y={4 + ROW * (row + 0.5)}
                {...(onPress && { onPress: () => onPress(cylinder) })}
              >
                <Circle
                  r={RADIUS}
                  fill={marked.includes(cylinder) ? c.green : c.card}
                  stroke={c.ink}
                  strokeWidth={c.stroke}
                />
                <SvgText
                  y={9}
                  fill={marked.includes(cylinder) ? c.onGreen : c.ink}
                  fontSize={26}
                  fontFamily="BarlowSemiCondensed_700Bold"
                  textAnchor="middle"
                >
                  {cylinder}
                </SvgText>
              </G>
            )),
          )}
        </Svg>
      </View>
    </View>
  );
}
