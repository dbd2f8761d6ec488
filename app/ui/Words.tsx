import type { PropsWithChildren } from 'react';
import { Text, type TextProps } from 'react-native';
import { cn } from './cn';

type Props = PropsWithChildren<TextProps & { className?: string }>;

/** Running text: 18 px, legible at arm's length. */
export function Body({ className, ...rest }: Props) {
  return <Text {...rest} className={cn('font-text text-body text-ink', className)} />;
}

/** Small text beside something larger: sources, units, hints. */
export function Small({ className, ...rest }: Props) {
  return <Text {...rest} className={cn('font-text text-small text-soft', className)} />;
}

/** The title of a card or a part of one. */
export function Heading({ level = 2, className, ...rest }: Props & { level?: 1 | 2 | 3 }) {
  return (
    <Text
      {...rest}
      role="heading"
      aria-level={level}
      className={cn('font-head text-heading text-ink', className)}
    />
  );
}
