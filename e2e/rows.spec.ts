import type { Page } from '@playwright/test';
import { madeDead, marked, stripped } from '../demo/intakeStory';
import { tolvane44 } from '../demo/sheets/tolvane44';
import { press, unfoldRecord } from './support/hands';
import { pressThrough } from './support/intake';
import { expect, signIn, test } from './support/shop';
import { onTheStand } from './support/stories';

/** Touches a part on its drawing. */
function touch(page: Page, name: string): Promise<void> {
  return page
    .locator('svg text', { hasText: new RegExp(`^${name}$`) })
    .first()
    .click({ force: true });
}

test('holes are chased and blown out by the row, but for those left out, and tried one by one', async ({
  page,
  shop,
}) => {
  const story = onTheStand(tolvane44, 'threshing engine', 90, { kind: 'gasket' });
  const job = stripped(marked(madeDead(story, tolvane44), tolvane44), tolvane44).end();
  await shop.tell(job);
  await signIn(page, shop.address);
  const address = `${shop.address}/jobs/${job.id}`;
  const act = page.getByTestId('act');
  const row = page.getByTestId('confirm');

  // What is below the edge of the screen was not looked at: the button leads there first.
  await page.setViewportSize({ width: 390, height: 430 });
  await page.goto(`${address}/inspect?check=holes%2Fhead%2F1`);
  await expect(act).toHaveText('Chased and clean');
  await expect(row).toContainText('Look at the drawing');
  await row.click();
  await expect(row).toContainText('Chased and clean');
  await expect(page.getByText('0 of 40')).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });

  // Two are left out on the drawing, one of them put back; nothing is said of what is left out.
  await touch(page, '7');
  await touch(page, '9');
  await expect(row).toContainText('8 of 10');
  await touch(page, '9');
  await expect(page.getByText('Left out: Hole 7.')).toBeVisible();
  await expect(page.getByRole('img', { name: /Left out: 7\.$/ })).toBeVisible();
  await row.click();
  await expect(page.getByText('18 of 40')).toBeVisible();

  // Taken back it is taken back whole.
  await press(page, /^Undo/);
  await expect(page.getByText('0 of 40')).toBeVisible();
  await touch(page, '7');
  await row.click();
  await expect(page.getByText('18 of 40')).toBeVisible();

  // The one that was left out is not good: it waits for what is done about it, and the rest goes on one by one.
  await touch(page, '7');
  await press(page, 'Not good');
  const slip = page.getByRole('dialog');
  await slip.getByRole('textbox').fill('Thread pulled.');
  await slip.getByRole('button', { name: 'Not good' }).click();
  await expect(page.getByTestId('findings')).toContainText('Thread pulled.');
  await expect(act).toHaveText('Hole 7');
  await row.click();
  await expect(page.getByText('20 of 40')).toBeVisible();
  await expect(act).toHaveText('Hole 8');
  await expect(row).toContainText('Dry');
  await row.click();
  await expect(page.getByText('21 of 40')).toBeVisible();

  // What was only looked over leads on by itself, to the next that is left.
  await page.goto(`${address}/inspect?check=look%2Fhead`);
  await pressThrough(page, 'act');
  await expect(page).toHaveURL(/check=look%2Fblock/);
  await expect(page.getByRole('heading', { name: 'Look over the block' })).toBeVisible();

  // The record has the row on one line, under its card, and names each of it to whoever asks.
  await page.goto(`${address}/record`);
  await expect(page.getByTestId('stretch').filter({ hasText: 'Strip' })).toContainText(
    /\d+ lines, \d\d:\d\d to \d\d:\d\d/,
  );
  // What was taken back is read without unfolding anything.
  await expect(page.getByText(/struck by Tobin Reed/).first()).toBeVisible();
  await unfoldRecord(page);
  const line = page.getByText(/Bolt holes: Head bolts, chased and clean/).last();
  await expect(line).toBeVisible();
  await page.getByRole('button', { name: 'Which 9' }).last().click();
  await expect(page.getByText(/^Hole 8 · Hole 4 · /)).toBeVisible();
});
