import type { PropsWithChildren, ReactNode } from 'react';
import { Text, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { cn } from './cn';
import { Heading } from './Words';
import { usePalette } from './useTheme';

interface Props {
  readonly tab: string;
  readonly aside?: ReactNode;
}

/** A stiff card with a cut tab standing up from it. */
export function TabbedCard({ tab, aside, children }: PropsWithChildren<Props>) {
  return (
    <View className="mb-3.5">
      <View className="h-11 flex-row pr-10">
        <CutTab label={tab} heading />
        {aside}
      </View>
      <View className="rounded-lg rounded-tl-none border border-rule bg-card p-3.5">
        {children}
      </View>
    </View>
  );
}

interface TabProps {
  readonly label: string;
  /** One of those that stand behind. */
  readonly muted?: boolean;
  /** It names what is under it; else it leads there. */
  readonly heading?: boolean;
}

/** The tab alone: square at the left, cut at a slant on the right. */
export function CutTab({ label, muted = false, heading = false }: TabProps) {
  const c = usePalette();
  const looks = cn('font-head text-ink', muted ? 'text-note text-soft' : 'text-label');
  const fill = muted ? c.tab : c.card;
  return (
    <View className="shrink flex-row">
      <View
        className="shrink justify-center rounded-tl-lg border-l border-t border-rule pl-2.5 pr-0.5"
        style={{ backgroundColor: fill }}
      >
        {heading ? (
          <Heading level={2} numberOfLines={1} className={looks}>
            {label}
          </Heading>
        ) : (
          <Text numberOfLines={1} className={looks}>
            {label}
          </Text>
        )}
      </View>
      <Svg width={16} height="100%" viewBox="0 0 16 44" preserveAspectRatio="none" aria-hidden>
        <Path d="M0 0 L3 0 L16 44 L0 44 Z" fill={fill} />
        <Path d="M0 0.5 L3 0.5 L16 44" fill="none" stroke={c.rule} strokeWidth={1} />
      </Svg>
    </View>
  );
}
