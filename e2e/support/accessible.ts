import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';

type Fault = readonly (string | undefined)[];

/** What is not accessible of what is in sight, by day, in lamp light and in glare. */
export async function inaccessible(page: Page): Promise<readonly Fault[]> {
  const faults = await violations(new AxeBuilder({ page }));
  // What is not colour is the same in every theme.
  const colours = new AxeBuilder({ page }).withRules('color-contrast');
  for (const theme of ['lamp', 'glare']) {
    await wear(page, theme);
    faults.push(...(await violations(colours)).map((fault) => [theme, ...fault]));
  }
  await wear(page, 'day');
  return faults;
}

/** What is not accessible of what is in sight, as it is. */
export async function violations(axe: AxeBuilder): Promise<Fault[]> {
  const found = await axe.analyze();
  return found.violations.map((v) => [v.id, v.nodes[0]?.html.slice(0, 160)]);
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
