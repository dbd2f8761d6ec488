import {
  createElement,
  useEffect,
  useSyncExternalStore,
  type ComponentType,
  type FunctionComponent,
} from 'react';
import { shared } from '@cardinex/words/screens';
import { Notice } from './Notice';

interface LazyScreens<Screens> {
  /** Fetches them ahead. */
  readonly fetch: () => void;
  /** One of them, drawn once they are here. */
  readonly screen: <Props extends object>(
    choose: (screens: Screens) => ComponentType<Props>,
  ) => FunctionComponent<Props>;
}

/**
 * Screens that are loaded together when the first of them is opened.
 *
 * React's own `lazy` shows its fallback even for what is here already, and then holds back the screen
 * for 300 ms so that nothing flickers: most of the way from the board to a card.
 *
 * @param load an `import()` of the file that exports them
 */
export function lazyScreens<Screens>(load: () => Promise<Screens>): LazyScreens<Screens> {
  let screens: Screens | null = null;
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
        screens = loaded;
        becomes('here');
      },
      () => becomes('away'),
    );
  };
  const subscribe = (listener: () => void): (() => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  };
  return {
    fetch,
    screen: (choose) =>
      function LazyScreen(props) {
        const now = useSyncExternalStore(subscribe, () => standing);
        useEffect(fetch, []);
        if (screens) return createElement(choose(screens), props);
        return now === 'away' ? (
          <Notice text={shared.notFetched} action={shared.tryAgain} onAction={fetch} />
        ) : (
          <Notice text={shared.loading} />
        );
      },
  };
}
