import axe from 'axe-core';
import type { Page } from '@playwright/test';

type Fault = readonly (string | undefined)[];

/** What is not accessible of what is in sight, by day, in lamp light and in glare. */
export async function inaccessible(page: Page): Promise<readonly Fault[]> {
  const faults = [...(await violations(page))];
  for (const theme of ['lamp', 'glare']) {
    await wear(page, theme);
    // What is not colour is the same in every theme.
    const found = await violations(page, ['color-contrast']);
    faults.push(...found.map((fault) => [theme, ...fault]));
  }
  await wear(page, 'day');
  return faults;
}

/**
 * What is not accessible of what is in sight, as it is.
 * @param rules the only ones to go by; all of them unless given
 */
export async function violations(page: Page, rules?: string[]): Promise<readonly Fault[]> {
  // Read once a page: it is half a megabyte, and the page is asked three times.
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  return page.evaluate(async (runOnly) => {
    const found = await (window as unknown as { axe: typeof axe }).axe.run(document, {
      // Nothing that is right is told of, and no style sheet is fetched once more to be looked at.
      resultTypes: ['violations'],
      preload: false,
      ...(runOnly && { runOnly }),
    });
    return found.violations.map(({ id, nodes }) => [id, nodes[0]?.html.slice(0, 160)]);
  }, rules);
}

/** Turns the light as another tab of the same browser would. */
async function wear(page: Page, theme: string): Promise<void> {
  await page.evaluate((name) => {
    const key = 'cardinex.preferences';
    const stored = JSON.parse(localStorage.getItem(key) ?? '{}') as object;
    localStorage.setItem(key, JSON.stringify({ ...stored, theme: name }));
    window.dispatchEvent(new StorageEvent('storage', { key }));
  }, theme);
}
