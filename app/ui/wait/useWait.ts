import { useEffect, useRef, useState } from 'react';
import { signal, speak } from '../signal';

/**
 * How long is still to be waited, in milliseconds, to the second; null where nothing is. It buzzes when it is over.
 * @param says spoken then; null to say nothing
 */
export function useWait(until: string | null, says: string | null): number | null {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (until === null) return undefined;
    const tick = (): void => setNow(Date.now());
    const first = setTimeout(tick);
    const timer = setInterval(tick, 1000);
    return () => {
      clearTimeout(first);
      clearInterval(timer);
    };
  }, [until]);
  const leftMs = until === null ? null : Math.max(0, Date.parse(until) - now);
  const reported = useRef(leftMs === 0);
  useEffect(() => {
    if (leftMs !== 0) {
      reported.current = false;
      return;
    }
    if (reported.current) return;
    reported.current = true;
    signal('confirmed');
    if (says !== null) speak(says);
  }, [leftMs, says]);
  return leftMs;
}

/** Minutes and seconds, as a kitchen clock has them; from an hour on hours and minutes too: "4:05", "1:04:05". */
export function clock(ms: number): string {
  const seconds = Math.ceil(ms / 1000);
  const minutes = Math.floor(seconds / 60);
  const two = (count: number): string => String(count).padStart(2, '0');
  const within = `${minutes < 60 ? minutes : two(minutes % 60)}:${two(seconds % 60)}`;
  return minutes < 60 ? within : `${Math.floor(minutes / 60)}:${within}`;
}
