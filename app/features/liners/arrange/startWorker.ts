/** The worker that places liners: a search may take seconds, and nobody waits for a screen that long. */
export function startWorker(): Worker {
  return new Worker(new URL('./arrange.worker.ts', import.meta.url));
}
