import { Link, type Href } from 'expo-router';
import type { ComponentProps } from 'react';
import { Pressable } from 'react-native';

interface Props extends Pick<
  ComponentProps<typeof Pressable>,
  'children' | 'className' | 'aria-label' | 'testID'
> {
  readonly href: string;
  /** Takes the place of this screen, so that Back leaves the job and not the card before. */
  readonly replace?: boolean;
  readonly current?: boolean;
}

/** A way to another screen: a real link, which answers Enter and can be opened beside this one. */
export function GoTo({ href, replace = false, current = false, ...pressable }: Props) {
  return (
    <Link href={href as Href} replace={replace} asChild>
      <Pressable role="link" {...(current && { 'aria-current': 'page' as const })} {...pressable} />
    </Link>
  );
}
