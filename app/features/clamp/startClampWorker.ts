/** The worker that tries out two ways to tighten: thousands of decks, and nobody waits for the screen. */
export function startClampWorker(): Worker {
  return new Worker(new URL('./clamp.worker.ts', import.meta.url));
}
