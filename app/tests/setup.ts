import 'fake-indexeddb/auto';
import { webcrypto } from 'node:crypto';

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

HTMLDialogElement.prototype.showModal ??= function showModal(this: HTMLDialogElement): void {
  this.setAttribute('open', '');
};
HTMLDialogElement.prototype.close ??= function close(this: HTMLDialogElement): void {
  this.removeAttribute('open');
};
