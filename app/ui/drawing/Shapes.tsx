import { Circle, G, Line, Path, Polygon, Rect, Text } from 'react-native-svg';
import { FACES, painted, transformOf, WORD_EDGE, type Paint } from '@cardinex/drawings/paint';
import type { Shape, Word } from '@cardinex/drawings/shape';

interface Props {
  readonly shapes: readonly Shape[];
  readonly paint: Paint;
  /** Told the target of the group that is touched. */
  readonly onPress?: ((target: string) => void) | undefined;
}

/** Plain shapes on the app's surface. */
export function Shapes({ shapes, paint, onPress }: Props) {
  return shapes.map((shape, nth) => (
    <OneShape key={nth} shape={shape} paint={paint} onPress={onPress} />
  ));
}

function OneShape({ shape, paint, onPress }: Omit<Props, 'shapes'> & { readonly shape: Shape }) {
  switch (shape.kind) {
    case 'line': {
      const { x1, y1, x2, y2 } = shape;
      return <Line x1={x1} y1={y1} x2={x2} y2={y2} {...painted(paint, shape)} />;
    }
    case 'circle':
      return <Circle cx={shape.cx} cy={shape.cy} r={shape.r} {...painted(paint, shape)} />;
    case 'box': {
      const { x, y, width, height, corner } = shape;
      return (
        <Rect x={x} y={y} width={width} height={height} rx={corner} {...painted(paint, shape)} />
      );
    }
    case 'polygon':
      return <Polygon points={shape.points.join(' ')} {...painted(paint, shape)} />;
    case 'path':
      return <Path d={shape.d} {...painted(paint, shape)} />;
    case 'word':
      return <OneWord word={shape} paint={paint} />;
    case 'group': {
      const { target } = shape;
      return (
        <G
          transform={transformOf(shape)}
          {...(onPress && target !== undefined && { onPress: () => onPress(target) })}
        >
          <Shapes shapes={shape.shapes} paint={paint} onPress={onPress} />
        </G>
      );
    }
  }
}

function OneWord({ word, paint }: { readonly word: Word; readonly paint: Paint }) {
  const look = {
    x: word.x,
    y: word.y,
    fontSize: word.size,
    fontFamily: FACES[word.face],
    textAnchor: word.anchor,
  };
  const edge = word.edge && paint.colours[word.edge];
  return (
    <>
      {edge ? (
        <Text {...look} fill={edge} stroke={edge} strokeWidth={WORD_EDGE} aria-hidden>
          {word.text}
        </Text>
      ) : null}
      <Text {...look} fill={paint.colours[word.fill]}>
        {word.text}
      </Text>
    </>
  );
}
