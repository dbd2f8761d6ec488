import { useEffect } from 'react';

/** Keeps the screen lit while a card is worked on; asked for again when the page comes back. */
export function useScreenAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    const ask = async (): Promise<void> => {
      if (!('wakeLock' in navigator) || document.visibilityState !== 'visible') return;
      lock = await navigator.wakeLock.request('screen').catch(() => null);
    };
    const onVisible = (): void => void ask();
    void ask();
    document.addEventListener('visibilitychange', onVisible);
    return () => {
      document.removeEventListener('visibilitychange', onVisible);
      void lock?.release();
    };
  }, []);
}
