import { useEffect, useState } from 'react';

/** The time, as an ISO text, moved on at intervals: a pause must show without anyone touching the screen. */
export function useNow(everyMs = 10_000): string {
  const [now, setNow] = useState(() => new Date().toISOString());
  useEffect(() => {
    const timer = setInterval(() => setNow(new Date().toISOString()), everyMs);
    return () => clearInterval(timer);
  }, [everyMs]);
  return now;
}
