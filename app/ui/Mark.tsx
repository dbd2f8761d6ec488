import { Text, View } from 'react-native';
import { VERDICT_FRAME, verdictShape, type Verdict } from '@cardinex/drawings/marks/verdict';
import { cn } from './cn';
import { Glyph } from './drawing/Glyph';

const TEXT: Readonly<Record<Verdict, string>> = {
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
  readonly kind: Verdict;
  readonly word?: string | undefined;
  readonly size?: number;
}

/** A verdict: its own shape and, beside it, its own word. Never colour alone. */
export function Mark({ kind, word, size = 18 }: Props) {
  return (
    <View className="min-w-0 shrink flex-row items-center">
      <View className="shrink-0">
        <Glyph shapes={verdictShape(kind)} frame={VERDICT_FRAME} width={size} height={size} />
      </View>
      {word ? (
        <Text className={cn('ml-1.5 min-w-0 shrink font-strong text-note', TEXT[kind])}>
          {word}
        </Text>
      ) : null}
    </View>
  );
}
