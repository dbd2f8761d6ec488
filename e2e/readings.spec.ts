import { readFile } from 'node:fs/promises';
import { fill, press, unfoldRecord } from './support/hands';
import { expect, signIn, test } from './support/shop';
import { readyToPull } from './support/stories';

test('readings go out as CSV and come in from it, all or none', async ({ page, shop, context }) => {
  const job = readyToPull('stone saw').end();
  await shop.tell(job);
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${job.id}/record`);
  await press(page, 'Readings as tables');
  await expect(page.getByRole('table', { name: 'Liner stand-out' })).toContainText('0.06 mm');

  const download = page.waitForEvent('download');
  await press(page, 'Save as CSV');
  const csv = await readFile(await (await download).path(), 'utf8');
  expect(csv).toContain('liners,1,fan side,0.06,mm,');

  const wrong = csv.replace('0.06,mm', '6o,mm').replace('liners,4', 'liners,7');
  await page
    .getByLabel('From a CSV file')
    .last()
    .setInputFiles({ name: 'readings.csv', mimeType: 'text/csv', buffer: Buffer.from(wrong) });
  await expect(page.getByRole('alert')).toContainText('Line 2, value must be a number');
  await expect(page.getByRole('alert')).toContainText('Line 14, item must be one of 1, 2, 3, 4');

  // With the network cut, a table pasted from a spreadsheet is kept like any act.
  await context.setOffline(true);
  await fill(
    page,
    'Or paste a table',
    'card\titem\treading\tvalue\tunit\nliners\t1\tpump side\t2,5\tthou',
  );
  await press(page, 'Take these in');
  // It would take the place of what was read before: that is asked first.
  await expect(page.getByTestId('stands')).toContainText('1 reading here stands already');
  await press(page, 'Replace what stands');
  await expect(page.getByText('1 reading taken in.')).toBeVisible();
  await context.setOffline(false);
  await page.goto(`${shop.address}/jobs/${job.id}/record`);
  await unfoldRecord(page);
  await expect(page.getByText('Liner 1, pump side')).toHaveCount(2);
});
