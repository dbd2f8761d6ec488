import { useEffect, useState } from 'react';

const EACH_MS = 650;

/**
 * Walks through an order one by one, by itself or step by step.
 * @returns `shown` how many have come up, the last of them being the one in hand; 0 before the first
 */
export function useOrderShown(length: number) {
  const [shown, setShown] = useState(0);
  const [playing, setPlaying] = useState(false);
  useEffect(() => {
    if (!playing) return;
    const timer = setInterval(() => {
      setShown((before) => {
        if (before < length) return before + 1;
        setPlaying(false);
        return before;
      });
    }, EACH_MS);
    return () => clearInterval(timer);
  }, [playing, length]);
  return {
    shown: Math.min(shown, length),
    playing,
    toggle: () => {
      if (!playing && shown >= length) setShown(0);
      setPlaying(!playing);
    },
    step: () => {
      setPlaying(false);
      setShown(shown >= length ? 1 : shown + 1);
    },
  };
}
