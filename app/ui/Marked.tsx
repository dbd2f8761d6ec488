import type { ComponentProps, ReactNode } from 'react';
import { View } from 'react-native';
import { cn } from './cn';
import type { Verdict } from '@cardinex/drawings/marks/verdict';
import { Mark } from './Mark';
import { Body } from './Words';

interface Props extends Pick<ComponentProps<typeof View>, 'className' | 'role' | 'testID'> {
  readonly kind: Verdict;
  readonly strong?: boolean;
  /** What is said; more than one sentence stands under the first. */
  readonly children: ReactNode;
}

/** A sentence with its verdict's mark before it: long ones run on beside the mark, not under it. */
export function Marked({ kind, strong = false, className, children, ...view }: Props) {
  return (
    <View className={cn('flex-row gap-2', className)} {...view}>
      <View className="pt-1">
        <Mark kind={kind} />
      </View>
      {typeof children === 'string' ? (
        <Body className={cn('flex-1', strong && 'font-strong')}>{children}</Body>
      ) : (
        <View className="flex-1">{children}</View>
      )}
    </View>
  );
}
