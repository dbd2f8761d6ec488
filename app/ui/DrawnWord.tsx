import { Text } from 'react-native-svg';

interface Props {
  /** The middle of the word, and the line it stands on. */
  readonly x: number;
  readonly y: number;
  readonly size: number;
  readonly text: string;
  readonly fill: string;
}

/** A word or a number in a drawing. */
export function DrawnWord({ x, y, size, text, fill }: Props) {
  return (
    <Text
      x={x}
      y={y}
      fill={fill}
      fontSize={size}
      fontFamily="BarlowSemiCondensed_700Bold"
      textAnchor="middle"
    >
      {text}
    </Text>
  );
}
