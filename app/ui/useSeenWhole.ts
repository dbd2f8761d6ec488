import { useEffect, useRef, useState, type RefObject } from 'react';
import type { View } from 'react-native';

interface Seen {
  /** Goes above what is to be seen. */
  readonly top: RefObject<View | null>;
  /** Goes below it. */
  readonly bottom: RefObject<View | null>;
  /** Has all of it been in sight, at once or one part after the other? */
  readonly seen: boolean;
  /** Brings what has not been seen yet into sight. */
  readonly show: () => void;
}

/**
 * Has something been seen from its upper edge to its lower one? What is agreed to below the edge of a screen was not
 * looked at.
 */
export function useSeenWhole(): Seen {
  const top = useRef<View>(null);
  const bottom = useRef<View>(null);
  const [shown, setShown] = useState({ top: false, bottom: false });
  useEffect(() => {
    const edges = { top: elementOf(top), bottom: elementOf(bottom) };
    const watch = new IntersectionObserver((entries) => {
      for (const { isIntersecting, target } of entries)
        if (isIntersecting)
          setShown((now) => ({ ...now, [target === edges.top ? 'top' : 'bottom']: true }));
    });
    for (const edge of [edges.top, edges.bottom]) if (edge) watch.observe(edge);
    return () => watch.disconnect();
  }, []);
  return {
    top,
    bottom,
    seen: shown.top && shown.bottom,
    show: () => elementOf(shown.bottom ? top : bottom)?.scrollIntoView({ block: 'center' }),
  };
}

/** On the web a view is the element it is drawn as. */
function elementOf(view: RefObject<View | null>): HTMLElement | null {
  return view.current as unknown as HTMLElement | null;
}
