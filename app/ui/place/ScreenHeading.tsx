import type { ComponentProps } from 'react';
import { Heading } from '../Words';
import { SCREEN_HEADING } from './marks';
import { usePageTitle } from './usePageTitle';

interface Props extends Omit<ComponentProps<typeof Heading>, 'children'> {
  readonly title: string;
  /** What the browser's tab adds to it: whose engine it is. */
  readonly of?: string | undefined;
}

/** The name of the screen in sight. It takes the focus when the screen comes up, and names the page. */
export function ScreenHeading({ title, of, level = 1, ...rest }: Props) {
  usePageTitle(title, of ?? '');
  return (
    <Heading {...rest} level={level} nativeID={SCREEN_HEADING}>
      {title}
    </Heading>
  );
}
