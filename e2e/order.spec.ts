import { madeDead, stripped } from '../demo/intakeStory';
import { tolvane44 } from '../demo/sheets/tolvane44';
import { press } from './support/hands';
import { expect, signIn, test } from './support/shop';
import { onTheStand } from './support/stories';

test('what is to be ordered is one list, with a gasket held for its grade and a day for the rest', async ({
  page,
  shop,
}) => {
  const story = onTheStand(tolvane44, 'hop picker', 90, { kind: 'everything' });
  const job = stripped(madeDead(story, tolvane44), tolvane44).end();
  await shop.tell(job);
  await signIn(page, shop.address);
  const address = `${shop.address}/jobs/${job.id}`;
  await page.goto(`${address}/parts`);
  await expect(
    page.getByText('Kept together, and condemned together: Liner, piston and rings.'),
  ).toBeVisible();
  const gasket = page.getByTestId('part').filter({ hasText: 'Head gasket' });
  await expect(gasket).toContainText('held');

  await press(page, 'List to order');
  const slip = page.getByRole('dialog');
  await expect(slip.getByText(/^Sump: gasket/)).toBeVisible();
  await expect(slip.getByText(/held: its grade is not known yet/)).toBeVisible();
  const saved = page.waitForEvent('download');
  await slip.getByRole('button', { name: 'Save as CSV' }).click();
  expect((await saved).suggestedFilename()).toBe('hop-picker-order.csv');
  await slip.getByRole('textbox').fill('next week');
  await slip.getByRole('button', { name: 'Keep the day' }).click();
  await expect(slip.getByText('A day like 2026-03-31, or nothing.')).toBeVisible();
  await slip.getByRole('textbox').fill('2031-03-06');
  await slip.getByRole('button', { name: 'Keep the day' }).click();
  await expect(slip).toBeHidden();
  await expect(page.getByTestId('part').filter({ hasText: 'Liner seals' })).toContainText(
    'Expected Thursday, 6 March 2031',
  );

  // On paper too; and the tray says when.
  const pdf = await page.request.get(`${shop.address}/api/jobs/${job.id}/order.pdf`);
  expect(pdf.headers()['content-type']).toBe('application/pdf');
  await page.goto(`${address}/record`);
  await expect(page.getByText(/expected Thursday, 6 March 2031/).first()).toBeVisible();
});
