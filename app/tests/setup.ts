import 'fake-indexeddb/auto';
import { webcrypto } from 'node:crypto';
import { handClock } from '../ui/hand/handClock';

// jsdom lacks what every browser has.
if (!globalThis.structuredClone) {
  globalThis.structuredClone = (value: unknown) => JSON.parse(JSON.stringify(value)) as never;
}
if (!globalThis.crypto?.getRandomValues) {
  Object.defineProperty(globalThis, 'crypto', { value: webcrypto });
}
AbortSignal.timeout ??= () => new AbortController().signal;
globalThis.EventSource ??= class {
  addEventListener(): void {}
  close(): void {}
} as unknown as typeof EventSource;

// A hand in a test takes its time between two presses; a test of a hurried one sets the clock itself.
let pressed = 0;
handClock.now = () => (pressed += 2000);

HTMLDialogElement.prototype.showModal ??= function showModal(this: HTMLDialogElement): void {
  this.setAttribute('open', '');
};
HTMLDialogElement.prototype.close ??= function close(this: HTMLDialogElement): void {
  this.removeAttribute('open');
};
