import { expect, signIn, test } from './support/shop';

test('the bench reckons without a job, without a sign-in and without a network', async ({
  page,
  shop,
  context,
}) => {
  await page.goto(`${shop.address}/bench`);
  await page.getByRole('button', { name: /Wrench setting/ }).click();
  await expect(page.getByTestId('answer')).toContainText('Fill in the figures below.');
  await page.getByLabel(/Value at the bolt/).fill('100');
  await page.getByLabel(/Wrench up to/).fill('200');
  await expect(page.getByTestId('result')).toHaveText('100N·m');
  await page.getByLabel(/Wrench, square/).fill('400');
  await page.getByLabel(/Adapter, square/).fill('100');
  await expect(page.getByTestId('result')).toHaveText('80N·m');
  await page.getByLabel(/Adapter angle/).fill('90');
  await expect(page.getByTestId('result')).toHaveText('100N·m');

  // What cannot be is said, with its field; what cannot be read is said at its field.
  await page.getByLabel(/Adapter, square/).fill('300');
  await page.getByLabel(/Adapter angle/).fill('180');
  await expect(page.getByTestId('answer')).toContainText('less than half the arm');
  await page.getByLabel(/Adapter angle/).fill('9o');
  await expect(page.getByRole('alert')).toContainText('one comma or point');

  // The last figures stay, also with no network at all.
  await page.getByLabel(/Adapter angle/).fill('90');
  await page.waitForFunction(() => navigator.serviceWorker.ready.then(() => true));
  await page.waitForTimeout(1500);
  await context.setOffline(true);
  await page.reload();
  await expect(page.getByTestId('result')).toHaveText('100N·m');

  await page.getByRole('button', { name: 'Back' }).click();
  await page.getByRole('button', { name: /Valve table/ }).click();
  await page.getByLabel(/Firing order/).fill('1-3-4-4');
  await expect(page.getByRole('alert')).toContainText('Each cylinder once');
  await page.getByLabel(/Firing order/).fill('1-3-4-2');
  for (const [label, deg] of [
    ['Inlet opens', '12'],
    ['Inlet closes', '44'],
    ['Exhaust opens', '48'],
    ['Exhaust closes', '14'],
  ] as const)
    await page.getByLabel(new RegExp(label)).fill(deg);
  await expect(page.getByTestId('result')).toContainText('E1, I1, I2 and E3');
  await expect(page.getByTestId('result')).toContainText('E2, I3, E4 and I4');
});

test('a gap with no leaf of its own is stacked, in the reader’s unit', async ({ page, shop }) => {
  await signIn(page, shop.address);
  await page.getByRole('link', { name: 'Bench' }).click();
  await page.getByRole('button', { name: /Stack of leaves/ }).click();
  await page.getByLabel(/Gap wanted/).fill('0,42');
  await page.getByLabel(/May be off by/).fill('0');
  await expect(page.getByTestId('answer')).toContainText('No stack comes that near.');
  await page.getByLabel(/Leaves in the set/).fill('0.05 0.12 0.30');
  await expect(page.getByTestId('result')).toHaveText('0.30 + 0.12mm');
});
