import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** What stands on the screen is accessible, and nothing of it lies beyond its sides. */
export async function fits(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).analyze();
  const overflow = await page.evaluate(
    () => document.documentElement.scrollWidth - window.innerWidth,
  );
  expect(violations.map((v) => [v.id, v.nodes[0]?.html.slice(0, 160)])).toEqual([]);
  expect(overflow).toBe(0);
}
