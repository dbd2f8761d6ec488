/** Waits for what the database tells the servers on it, which takes a moment. */
export async function soon(isSo: () => Promise<boolean>): Promise<void> {
  for (let tries = 0; tries < 50; tries += 1) {
    if (await isSo()) return;
    await new Promise((done) => setTimeout(done, 20));
  }
  throw new Error('still not so');
}
