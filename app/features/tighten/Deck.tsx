import type { PropsWithChildren } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Rect } from 'react-native-svg';
import type { FastenedSet } from '@cardinex/core/sheet/spec/fastening';
import { DrawnWord } from '../../ui/DrawnWord';
import { usePalette } from '../../ui/useTheme';

interface Props {
  readonly set: Pick<FastenedSet, 'map' | 'instances'>;
  readonly label: string;
  /** Of the cylinder's number in its bore; none where bores are not numbered. */
  readonly numberSize?: number;
}

/** Room round the deck for the marks that stand over its edge. */
export const EDGE_MM = 26;
/** The tallest a map may stand above the figures. */
const TALLEST_PX = 232;
/** Where heads are chosen above it, there is less room. */
const TALLEST_OF_SEVERAL_PX = 176;

/** A deck from above with its bores, cylinder 1 at the left; its fasteners are drawn onto it. */
export function Deck({ set, label, numberSize = 0, children }: PropsWithChildren<Props>) {
  const c = usePalette();
  const { widthMm, heightMm, bores = [] } = set.map;
  const width = widthMm + 2 * EDGE_MM;
  const height = heightMm + 2 * EDGE_MM;
  const numbered = numberSize > 0 && set.instances.length === 1;
  return (
    <View role="img" aria-label={label}>
      <Svg
        width="100%"
        viewBox={`${-EDGE_MM} ${-EDGE_MM} ${width} ${height}`}
        style={{
          aspectRatio: width / height,
          maxHeight: set.instances.length > 1 ? TALLEST_OF_SEVERAL_PX : TALLEST_PX,
        }}
        aria-hidden
      >
        <Rect
          width={widthMm}
          height={heightMm}
          rx={20}
          fill="none"
          stroke={c.ink}
          strokeWidth={c.stroke * 1.8}
        />
        {bores.map(({ cylinder, xMm, yMm, diaMm }) => (
          <G key={cylinder}>
            <Circle
              cx={xMm}
              cy={yMm}
              r={diaMm / 2 - 4}
              fill="none"
              stroke={c.soft}
              strokeWidth={c.stroke}
            />
            {numbered ? (
              <DrawnWord
                x={xMm}
                y={yMm + numberSize * 0.36}
                size={numberSize}
                text={String(cylinder)}
                fill={c.soft}
              />
            ) : null}
          </G>
        ))}
        {children}
      </Svg>
    </View>
  );
}
