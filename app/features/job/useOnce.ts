import { useRef } from 'react';

/** A press while the last one is still being written down is the same press. */
export function useOnce<Args extends readonly unknown[]>(
  act: (...args: Args) => Promise<unknown>,
): (...args: Args) => void {
  const busy = useRef(false);
  return (...args) => {
    if (busy.current) return;
    busy.current = true;
    void act(...args).finally(() => {
      busy.current = false;
    });
  };
}
