import { expect, type Page } from '@playwright/test';
import { violations } from './accessible';
import { lookForCutText } from './cutText';

/** What stands on the screen is accessible, and nothing of it lies beyond its sides. */
export async function fits(page: Page): Promise<void> {
  expect(await violations(page)).toEqual([]);
  expect(await page.evaluate(lookForCutText)).toEqual([]);
}
