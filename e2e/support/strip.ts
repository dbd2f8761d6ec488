import type { Page } from '@playwright/test';
import { pressThrough } from './intake';
import { expect } from './shop';

/**
 * Takes pieces off on the card that strips, each marked, eased and slackened as it asks and found sound,
 * until one of them is in hand, or all is off.
 * @param until the name of the piece to stop at
 */
export async function takeOff(page: Page, until?: string): Promise<void> {
  const title = page.getByTestId('act');
  const confirm = page.getByTestId('confirm');
  const count = page.getByRole('heading', { name: 'Count the old bolts' });
  const clamp = page.getByRole('button', { name: 'Liners are clamped' });
  for (let n = 0; n < 400; n += 1) {
    await expect(title.or(count).first()).toBeVisible();
    if (!(await title.isVisible())) return;
    if (until !== undefined && (await title.innerText()) === until) return;
    const sound = page.getByRole('button', { name: 'Sound', exact: true });
    if (await sound.isVisible()) {
      const before = await page.getByRole('main').innerText();
      await sound.click();
      await expect
        .poll(() => page.getByRole('main').innerText(), { intervals: [20, 30, 50, 100] })
        .not.toBe(before);
      continue;
    }
    if (!(await confirm.isVisible())) {
      await clamp.click();
      await expect(clamp).toHaveCount(0);
      continue;
    }
    const asked = await confirm.innerText();
    const before = await page.getByRole('main').innerText();
    if (asked.startsWith('To the bolts')) {
      await confirm.click();
      await pressThrough(page, 'bolt');
      continue;
    }
    await confirm.click();
    await expect
      .poll(() => page.getByRole('main').innerText(), { intervals: [20, 30, 50, 100] })
      .not.toBe(before);
  }
  throw new Error(`still at ${await title.innerText()}`);
}
