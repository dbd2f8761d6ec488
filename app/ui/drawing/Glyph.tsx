import Svg from 'react-native-svg';
import type { Frame, Shape } from '@cardinex/drawings/shape';
import { usePaint } from './usePaint';
import { Shapes } from './Shapes';

interface Props {
  readonly shapes: readonly Shape[];
  readonly frame: Frame;
  readonly width: number | '100%';
  readonly height: number;
}

/** A small shape beside the words that say the same. */
export function Glyph({ shapes, frame, width, height }: Props) {
  const paint = usePaint();
  return (
    <Svg
      width={width}
      height={height}
      viewBox={`${frame.x} ${frame.y} ${frame.width} ${frame.height}`}
      aria-hidden
    >
      <Shapes shapes={shapes} paint={paint} />
    </Svg>
  );
}
