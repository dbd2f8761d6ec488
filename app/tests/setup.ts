import 'fake-indexeddb/auto';
import { webcrypto } from 'node:crypto';
import { handClock } from '../ui/hand/handClock';

/** jsdom lacks what every browser has, though its types say otherwise. */
function supply<T extends object, K extends keyof T>(holder: T, key: K, missing: T[K]): void {
  if (!(key in holder)) Object.defineProperty(holder, key, { value: missing, writable: true });
}

supply(
  globalThis,
  'structuredClone',
  (value: unknown) => JSON.parse(JSON.stringify(value)) as never,
);
supply(globalThis, 'crypto', webcrypto as Crypto);
supply(globalThis.crypto, 'getRandomValues', webcrypto.getRandomValues.bind(webcrypto) as never);
supply(AbortSignal, 'timeout', () => new AbortController().signal);
supply(
  globalThis,
  'EventSource',
  class {
    addEventListener(): void {}
    close(): void {}
  } as unknown as typeof EventSource,
);

// A hand in a test takes its time between two presses; a test of a hurried one sets the clock itself.
let pressed = 0;
handClock.now = () => (pressed += 2000);

supply(HTMLDialogElement.prototype, 'showModal', function showModal(this: HTMLDialogElement) {
  this.setAttribute('open', '');
});
supply(HTMLDialogElement.prototype, 'close', function close(this: HTMLDialogElement) {
  this.removeAttribute('open');
});
