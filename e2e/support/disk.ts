import type { Page } from '@playwright/test';

/** Lets the disk of a page refuse every write, or no longer. */
export async function fillDisk(page: Page, full: boolean): Promise<void> {
  await page.evaluate((so) => {
    const store = IDBObjectStore.prototype as IDBObjectStore & { add0?: IDBObjectStore['add'] };
    store.add0 ??= store.add;
    store.add = so
      ? () => {
          throw new DOMException('no room', 'QuotaExceededError');
        }
      : store.add0;
  }, full);
}
