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

test('a head and a bore are judged on the bench, with a drawing that can be read aloud', async ({
  page,
  shop,
}) => {
  const give = async (figures: Readonly<Record<string, string>>): Promise<void> => {
    for (const [label, text] of Object.entries(figures))
      await page
        .getByRole('textbox', { name: new RegExp(`^${label}`) })
        .first()
        .fill(text);
  };
  await page.goto(`${shop.address}/bench/head`);
  await give({ Along: '0,12', Across: '0.03', 'Flat within': '0.05' });
  await expect(page.getByTestId('result')).toContainText('Read it first diagonal and second');
  await give({ 'First diagonal': '0.08', 'Second diagonal': '0.10' });
  await expect(page.getByTestId('result')).toContainText('Measure its thickness');
  await give({ 'Thickness now': '91.8', 'Least thickness': '91.4' });
  await expect(page.getByTestId('result')).toContainText('Cut 0.12 mm; 91.68 mm is left.');
  await expect(page.getByRole('img', { name: /along 0.12 mm, across 0.03 mm/ })).toBeVisible();
  await page.getByRole('button', { name: 'in the head', exact: true }).click();
  await expect(page.getByTestId('result')).toContainText('replace it');

  await page.goto(`${shop.address}/bench/bore`);
  await give({ Top: '100.12 100.08', Middle: '100.05', Bottom: '100.02 100.01', Nominal: '100' });
  await expect(page.getByTestId('answer')).toContainText('Middle, both ways needs 2 readings.');
  await give({ Middle: '100.05 100.04', 'Wear at most': '0.1', 'Oversizes there are': '0.25 0.5' });
  await expect(page.getByTestId('result')).toContainText('Oversize: 0.25 mm');
});
