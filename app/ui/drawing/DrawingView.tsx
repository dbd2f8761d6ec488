import { View } from 'react-native';
import Svg from 'react-native-svg';
import type { Drawing } from '@cardinex/drawings/shape';
import { useInSight } from './inSight';
import { usePaint } from './usePaint';
import { Shapes } from './Shapes';

interface Props {
  readonly drawing: Drawing;
  /** As wide as its place unless it has a width of its own, and then it keeps its proportions. */
  readonly width?: number;
  readonly height?: number;
  readonly maxHeight?: number;
  /** Told the target that is touched. */
  readonly onPress?: ((target: string) => void) | undefined;
  readonly className?: string;
}

/** A drawing on the screen, with its description for those who cannot see it. */
export function DrawingView({ drawing, width, height, maxHeight, onPress, className }: Props) {
  const paint = usePaint();
  useInSight(drawing);
  const { frame, shapes, description } = drawing;
  const whole = width === undefined && height === undefined;
  return (
    <View role="img" aria-label={description} className={className ?? ''}>
      <Svg
        width={width ?? '100%'}
        {...(height !== undefined && { height })}
        viewBox={`${frame.x} ${frame.y} ${frame.width} ${frame.height}`}
        {...(whole && { style: { aspectRatio: frame.width / frame.height, maxHeight } })}
        aria-hidden
      >
        <Shapes shapes={shapes} paint={paint} onPress={onPress} />
      </Svg>
    </View>
  );
}
