import { useRef } from 'react';

/** A press while the last one is still being written down is the same press. */
export function useOnce(act: () => Promise<unknown>): () => void {
  const busy = useRef(false);
  return () => {
    if (busy.current) return;
    busy.current = true;
    void act().finally(() => {
      busy.current = false;
    });
  };
}
