import { usePathname } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Workbox } from 'workbox-window';
import { shared } from '@cardinex/words/screens';
import { Button } from '../../ui/Button';
import { isCardAddress } from '../../ui/place/cardAddress';
import { Body } from '../../ui/Words';

/** A phone that is never closed, only put down, is asked about a newer app this often at most. */
const ASK_AGAIN_MS = 15 * 60_000;

/**
 * Registers the service worker, asks for a newer app whenever this one is looked at again, and offers it
 * once it has been fetched: never on its own, and not while a card is being worked on.
 */
export function AppUpdate() {
  const [fetched, setFetched] = useState<Workbox | null>(null);
  const atACard = isCardAddress(usePathname());
  useEffect(() => {
    if (!('serviceWorker' in navigator) || process.env.NODE_ENV === 'development') return undefined;
    const worker = new Workbox('/sw.js');
    worker.addEventListener('waiting', () => setFetched(worker));
    let askedAt = Date.now();
    // Where it cannot be had the app works on, as long as there is a network.
    void worker.register().catch(() => undefined);
    const ask = (): void => {
      if (document.visibilityState !== 'visible' || Date.now() - askedAt < ASK_AGAIN_MS) return;
      askedAt = Date.now();
      // With no network there is nothing newer to be had.
      void worker.update().catch(() => undefined);
    };
    document.addEventListener('visibilitychange', ask);
    const timer = setInterval(ask, ASK_AGAIN_MS);
    return () => {
      document.removeEventListener('visibilitychange', ask);
      clearInterval(timer);
    };
  }, []);
  if (!fetched || atACard) return null;
  const use = (): void => {
    fetched.addEventListener('controlling', () => window.location.reload());
    fetched.messageSkipWaiting();
  };
  return (
    <View
      className="no-print absolute bottom-24 left-2.5 right-2.5 flex-row items-center gap-3 rounded-lg border border-blue bg-card p-3"
      role="status"
    >
      <Body className="flex-1">{shared.newerApp}</Body>
      <Button label={shared.useIt} onPress={use} />
    </View>
  );
}
