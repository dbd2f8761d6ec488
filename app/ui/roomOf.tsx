import {
  createElement,
  useEffect,
  useSyncExternalStore,
  type ComponentType,
  type FunctionComponent,
} from 'react';
import { shared } from '@cardinex/words/en/screens';
import { Notice, NoticeInside } from './Notice';

interface Room<Parts> {
  /** Fetches it ahead. */
  readonly fetch: () => void;
  /** One of its screens, drawn once the room is here. */
  readonly part: Part<Parts>;
  /** A piece of it inside another screen, which says so in its own place while it is not here. */
  readonly piece: Part<Parts>;
}

type Part<Parts> = <Props extends object>(
  choose: (parts: Parts) => ComponentType<Props>,
) => FunctionComponent<Props>;

/**
 * Screens that are loaded together when the first of them is opened.
 *
 * React's own `lazy` shows its fallback even for what is here already, and then holds back the screen
 * for 300 ms so that nothing flickers: most of the way from the board to a card.
 *
 * @param load an `import()` of the file that exports them
 */
export function roomOf<Parts>(load: () => Promise<Parts>): Room<Parts> {
  let parts: Parts | null = null;
  let standing: 'closed' | 'fetching' | 'here' | 'away' = 'closed';
  const listeners = new Set<() => void>();
  const becomes = (now: typeof standing): void => {
    standing = now;
    listeners.forEach((listener) => listener());
  };
  const fetch = (): void => {
    if (standing === 'fetching' || standing === 'here') return;
    becomes('fetching');
    load().then(
      (loaded) => {
        parts = loaded;
        becomes('here');
      },
      () => becomes('away'),
    );
  };
  const subscribe = (listener: () => void): (() => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  };

  const partWith =
    (Meanwhile: typeof Notice): Part<Parts> =>
    (choose) =>
      function PartOfRoom(props) {
        const now = useSyncExternalStore(subscribe, () => standing);
        useEffect(fetch, []);
        if (parts) return createElement(choose(parts), props);
        return now === 'away' ? (
          <Meanwhile text={shared.notFetched} action={shared.tryAgain} onAction={fetch} />
        ) : (
          <Meanwhile text={shared.loading} />
        );
      };
  return { fetch, part: partWith(Notice), piece: partWith(NoticeInside) };
}
