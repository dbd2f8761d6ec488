import { timeOfDay } from '@cardinex/words/kit';
import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { Mark } from '../../../ui/Mark';
import { signal, speak } from '../../../ui/signal';

/** How long is still to be waited, to the second; it speaks when it is over. */
export function useWait(until: string | null, speech: boolean): number | null {
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
    if (speech) speak(w.waitOver);
  }, [leftMs, speech]);
  return leftMs;
}

/** Minutes and seconds, as a kitchen clock has them. */
export function clock(ms: number): string {
  const seconds = Math.ceil(ms / 1000);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

export function WaitNotice({ until, leftMs }: { until: string; leftMs: number }) {
  return (
    <View className="border-t border-rule px-3.5 py-2.5" testID="wait">
      <Mark
        kind={leftMs === 0 ? 'within' : 'waiting'}
        word={leftMs === 0 ? w.waitOver : w.waitUntil(timeOfDay(until))}
      />
    </View>
  );
}
