import {
  createContext,
  useContext,
  useEffect,
  useId,
  useState,
  useSyncExternalStore,
  type PropsWithChildren,
} from 'react';
import type { Drawing } from '@cardinex/drawings/shape';

/** The drawings a screen shows, so that they can be saved from where there is room for it. */
class DrawingsInSight {
  readonly #shown = new Map<string, Drawing>();
  readonly #listeners = new Set<() => void>();
  #ids: readonly string[] = [];

  readonly show = (id: string, drawing: Drawing): void => {
    const before = this.#shown.get(id);
    this.#shown.set(id, drawing);
    // It is drawn anew at every act; who lists it need not be.
    if (before?.kind !== drawing.kind) this.#changed();
  };

  readonly hide = (id: string): void => {
    this.#shown.delete(id);
    this.#changed();
  };

  readonly ids = (): readonly string[] => this.#ids;

  /** As they are drawn now. */
  readonly drawings = (): readonly Drawing[] => [...this.#shown.values()];

  readonly listen = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  #changed(): void {
    this.#ids = [...this.#shown.keys()];
    for (const listener of this.#listeners) listener();
  }
}

const InSight = createContext<DrawingsInSight>(new DrawingsInSight());

/** Keeps the list of what is drawn inside it. */
export function DrawingsInSightProvider({ children }: PropsWithChildren) {
  const [list] = useState(() => new DrawingsInSight());
  return <InSight.Provider value={list}>{children}</InSight.Provider>;
}

/** Puts a drawing on the list for as long as it is on the screen. */
export function useInSight(drawing: Drawing): void {
  const list = useContext(InSight);
  const id = useId();
  useEffect(() => list.show(id, drawing), [list, id, drawing]);
  useEffect(() => () => list.hide(id), [list, id]);
}

/** What is drawn on the screen, asked for when it is wanted. */
export function useDrawingsInSight(): () => readonly Drawing[] {
  const list = useContext(InSight);
  useSyncExternalStore(list.listen, list.ids);
  return list.drawings;
}
