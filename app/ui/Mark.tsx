import { Text, View } from 'react-native';
import Svg, { Circle, Line, Path, Polygon, Rect } from 'react-native-svg';
import { cn } from './cn';
import { usePalette } from './useTheme';

export type MarkKind =
  'within' | 'out' | 'waiting' | 'barred' | 'now' | 'ahead' | 'leftOpen' | 'past';

const TEXT: Readonly<Record<MarkKind, string>> = {
  within: 'text-green',
  out: 'text-red',
  waiting: 'text-brass',
  barred: 'text-soft',
  now: 'text-blue',
  ahead: 'text-soft',
  leftOpen: 'text-brass',
  past: 'text-past',
};

interface Props {
  readonly kind: MarkKind;
  readonly word?: string;
  readonly size?: number;
}

/** A verdict: its own shape and, beside it, its own word. Never colour alone. */
export function Mark({ kind, word, size = 18 }: Props) {
  return (
    <View className="flex-row items-center">
      <View className="shrink-0">
        <Shape kind={kind} size={size} />
      </View>
      {word ? (
        <Text className={cn('ml-1.5 font-strong text-[16px]', TEXT[kind])}>{word}</Text>
      ) : null}
    </View>
  );
}

function Shape({ kind, size }: { kind: MarkKind; size: number }) {
  const c = usePalette();
  const box = { width: size, height: size, viewBox: '0 0 20 20', 'aria-hidden': true };
  switch (kind) {
    case 'within':
      return (
        <Svg {...box}>
          <Path d="M3 11 L8 16 L17 4" fill="none" stroke={c.green} strokeWidth={3} />
        </Svg>
      );
    case 'out':
      return (
        <Svg {...box}>
          <Polygon points="10,2 19,18 1,18" fill={c.red} />
        </Svg>
      );
    case 'waiting':
      return (
        <Svg {...box}>
          <Circle cx={10} cy={10} r={8} fill="none" stroke={c.brass} strokeWidth={2.5} />
          <Path d="M10 5 L10 10 L14 12" fill="none" stroke={c.brass} strokeWidth={2.5} />
        </Svg>
      );
    case 'leftOpen':
      return (
        <Svg {...box}>
          <Rect x={3} y={3} width={14} height={14} fill={c.brass} />
        </Svg>
      );
    case 'barred':
      return (
        <Svg {...box}>
          <Line x1={4} y1={4} x2={16} y2={16} stroke={c.soft} strokeWidth={3} />
          <Line x1={16} y1={4} x2={4} y2={16} stroke={c.soft} strokeWidth={3} />
        </Svg>
      );
    case 'now':
      return (
        <Svg {...box}>
          <Polygon points="10,1 19,10 10,19 1,10" fill={c.blue} />
        </Svg>
      );
    case 'past':
      return (
        <Svg {...box}>
          <Path d="M12 3 L5 10 L12 17 M5 10 L18 10" fill="none" stroke={c.past} strokeWidth={3} />
        </Svg>
      );
    case 'ahead':
      return (
        <Svg {...box}>
          <Circle cx={10} cy={10} r={7.5} fill="none" stroke={c.soft} strokeWidth={2} />
        </Svg>
      );
  }
}
