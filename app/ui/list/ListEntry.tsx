import type { PropsWithChildren } from 'react';
import { GoTo } from '../GoTo';

interface Props {
  readonly href: string;
  /** Takes the place of the list, so that Back does not lead to it. */
  readonly replace?: boolean;
}

/** One of a list, as a card that leads on to it. */
export function ListEntry({ href, replace = false, children }: PropsWithChildren<Props>) {
  return (
    <GoTo
      href={href}
      replace={replace}
      className="mb-2.5 min-h-[72px] justify-center rounded-lg border border-rule bg-card px-3.5 py-2 active:opacity-80"
    >
      {children}
    </GoTo>
  );
}
