/** Resolves when the page has nothing more pressing to do. */
export function idle(): Promise<void> {
  if (!('requestIdleCallback' in window)) return Promise.resolve();
  return new Promise((done) => requestIdleCallback(() => done(), { timeout: 2000 }));
}
