/** Does something lie over the screen that has to be answered first? What is behind it takes no key. */
export function isModalOpen(): boolean {
  return document.querySelector('dialog[open]') !== null;
}
