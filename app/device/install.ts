import { useSyncExternalStore } from 'react';

/** The browser's own question, held back until somebody asks for it. */
interface InstallPrompt extends Event {
  readonly prompt: () => Promise<void>;
}

/**
 * How the app gets onto this device's home screen: the browser can ask, or it is done by hand in the
 * browser's menu; null where it is there already, or this browser cannot.
 */
type Install = 'ask' | 'by-hand' | null;

let prompt: InstallPrompt | null = null;
let installed = false;
const listeners = new Set<() => void>();

function changed(): void {
  listeners.forEach((listener) => listener());
}

// It is announced once, soon after the page is loaded, and never again.
window.addEventListener('beforeinstallprompt', (event) => {
  event.preventDefault();
  prompt = event as InstallPrompt;
  changed();
});
window.addEventListener('appinstalled', () => {
  installed = true;
  prompt = null;
  changed();
});

function standing(): Install {
  // Only browsers that install by hand know this word at all.
  const byHand = (navigator as { readonly standalone?: boolean }).standalone;
  if (installed || byHand === true || window.matchMedia('(display-mode: standalone)').matches)
    return null;
  if (prompt) return 'ask';
  return byHand === false ? 'by-hand' : null;
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export function useInstall(): Install {
  return useSyncExternalStore(subscribe, standing, standing);
}

/** Has the browser ask; it does so once, and then waits to announce it anew. */
export function askToInstall(): void {
  void prompt?.prompt();
  prompt = null;
  changed();
}
