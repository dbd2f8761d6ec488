import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';

type Fault = readonly (string | undefined)[];

/** What is not accessible of what is in sight, by day, in lamp light and in glare. */
export async function inaccessible(page: Page): Promise<readonly Fault[]> {
  const faults = await violations(page);
  for (const theme of ['lamp', 'glare']) {
    await wear(page, theme);
    // What is not colour is the same in every theme.
    const found = await violations(page, 'color-contrast');
    faults.push(...found.map((fault) => [theme, ...fault]));
  }
  await wear(page, 'day');
  return faults;
}

/**
 * What is not accessible of what is in sight, as it is.
 * @param rule the one rule to go by; all of them unless given
 */
export async function violations(page: Page, rule?: string): Promise<Fault[]> {
  const axe = new AxeBuilder({ page })
    // Nothing that is right is told of, and no style sheet is fetched once more to be looked at.
    .options({ resultTypes: ['violations'], preload: false })
    // The app has no frames of other origins, for which a page of its own would be opened each time.
    .setLegacyMode();
  const found = await (rule === undefined ? axe : axe.withRules(rule)).analyze();
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
