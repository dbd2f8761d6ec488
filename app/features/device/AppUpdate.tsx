import { usePathname } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { shared } from '@cardinex/words/screens';
import { Button } from '../../ui/Button';
import { Body } from '../../ui/Words';

/**
 * Registers the service worker, and offers a newer app when one has been fetched: never on its
 * own, and not while a card is being worked on.
 */
export function AppUpdate() {
  const [waiting, setWaiting] = useState<ServiceWorker | null>(null);
  const atACard = /^\/jobs\/[^/]+\/./.test(usePathname());
  useEffect(() => {
    if (!('serviceWorker' in navigator) || process.env.NODE_ENV !== 'production') return;
    void navigator.serviceWorker.register('/sw.js').then((registration) => {
      setWaiting(registration.waiting);
      registration.addEventListener('updatefound', () => {
        const fetched = registration.installing;
        fetched?.addEventListener('statechange', () => {
          if (fetched.state === 'installed' && navigator.serviceWorker.controller)
            setWaiting(fetched);
        });
      });
    });
  }, []);
  if (!waiting || atACard) return null;
  const use = (): void => {
    navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload());
    waiting.postMessage({ type: 'SKIP_WAITING' });
  };
  return (
    <View className="no-print absolute bottom-24 left-2.5 right-2.5 flex-row items-center gap-3 rounded-lg border border-blue bg-card p-3">
      <Body className="flex-1">{shared.newerApp}</Body>
      <Button label={shared.useIt} onPress={use} />
    </View>
  );
}
