import { expect, signIn, test } from './support/shop';

test('the bench reckons without a job, without a sign-in and without a network', async ({
  page,
  shop,
  context,
}) => {
  await page.goto(`${shop.address}/bench`);
  await page.getByRole('link', { name: /Wrench setting/ }).click();
  await expect(page.getByTestId('answer')).toContainText('Fill in the figures.');
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
  await page.getByRole('link', { name: /Valve table/ }).click();
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
  await page.getByRole('link', { name: /Stack of leaves/ }).click();
  await page.getByLabel(/Gap wanted/).fill('0,42');
  await page.getByLabel(/May be off by/).fill('0');
  await expect(page.getByTestId('answer')).toContainText('No stack comes that near.');
  await page.getByLabel(/Leaves in the set/).fill('0.05 0.12 0.30');
  await expect(page.getByTestId('result')).toHaveText('0.30 + 0.12mm');
});

test('a head, a face and a bore are judged on the bench, with a drawing that can be read aloud', async ({
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

  // A face within its limit as a whole, and not over a hand's breadth.
  await page.goto(`${shop.address}/bench/face`);
  await give({
    'Largest leaf': '0.08 0.05',
    'Flat within': '0.1',
    'Over a short length': '0.02 0.04',
  });
  await expect(page.getByTestId('answer')).toContainText('is missing: its partner was given');
  await give({ 'Flat within, over': '0.03', 'That length': '100' });
  await expect(page.getByTestId('result')).toContainText(
    'Out of flat at b. The worst gap of all is 0.08 mm.',
  );
  await expect(page.getByRole('img', { name: /Out of flat at b/ })).toBeVisible();

  await page.goto(`${shop.address}/bench/drawDown`);
  await expect(page.getByTestId('result')).toContainText(
    '8 rounds of 216° at each; it leans 0.36°',
  );
  await expect(page.getByRole('img', { name: /order they are pulled: 3, / })).toBeVisible();

  await page.goto(`${shop.address}/bench/bore`);
  await give({ Top: '100.12 100.08', Middle: '100.05', Bottom: '100.02 100.01', Nominal: '100' });
  await expect(page.getByTestId('answer')).toContainText('Middle, both ways needs 2 readings.');
  await give({ Middle: '100.05 100.04', 'Wear at most': '0.1', 'Oversizes there are': '0.25 0.5' });
  await expect(page.getByTestId('result')).toContainText('Oversize: 0.25 mm');
});

test('liners are placed beside the screen, stopped and searched again, with no network', async ({
  page,
  shop,
  context,
}) => {
  await page.goto(`${shop.address}/bench/arrange`);
  await page.waitForFunction(() => navigator.serviceWorker.ready.then(() => true));
  await page.waitForTimeout(1500);
  await context.setOffline(true);
  await page.reload();
  const fill = (label: RegExp, text: string): Promise<void> => page.getByLabel(label).fill(text);
  await fill(/^Counterbores/, '8 8 8.01 8');
  await fill(/^Flanges/, '8.06 8.11 8.08 8.11');
  await fill(/^Lowest/, '0.05');
  await fill(/^Highest/, '0.12');
  await fill(/^Neighbours may differ/, '0.03');
  await page.getByRole('button', { name: 'rising' }).click();
  await expect(page.getByTestId('result')).toContainText('Liner 3 to bore 2 and 2 to bore 3.');

  // What no placement cures says what would: a ledge cut, or a shim that is not there.
  await fill(/^Flanges/, '8.06 8.11 8.08 8.2');
  await expect(page.getByTestId('result')).toContainText(
    'To cure it, cut the counterbore of bore 4',
  );
  await fill(/^Flanges/, '8.06 8.11 8.08');
  await expect(page.getByTestId('answer')).toContainText(
    'Liners must be as many as the bores, 4, or more',
  );

  // The longest search there is goes on beside the typing, and stops when told to.
  const many = (from: number): string =>
    Array.from({ length: 16 }, (_, at) => (from + ((at * 7) % 16) / 100).toFixed(2)).join(' ');
  await fill(/^Shims there are/, '0.05 0.1 0.15 0.2 0.25');
  await fill(/^Under one liner/, '2');
  await page.getByRole('button', { name: 'one way' }).click();
  await fill(/^Counterbores/, many(10));
  await fill(/^Flanges/, many(9.9));
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByTestId('answer')).toContainText('Stopped before it was done.');
  await page.getByRole('button', { name: 'Search again' }).click();
  await expect(page.getByRole('progressbar')).toBeVisible();
  await fill(/^Highest/, '0.2');
  await expect(page.getByLabel(/^Highest/)).toHaveValue('0.2');
});

test('rings, masses and gasket on the bench', async ({ page, shop }) => {
  const fill = async (calculator: string, figures: Readonly<Record<string, string>>) => {
    await page.goto(`${shop.address}/bench/${calculator}`);
    for (const [label, text] of Object.entries(figures)) {
      await page.getByLabel(new RegExp(`^${label}`)).fill(text);
    }
  };
  const answer = page.getByTestId('answer');
  await fill('gap', {
    'Gap as measured': '0.45',
    'Bore(?! where| at)': '105',
    'Least gap': '0.35',
    'Greatest gap': '0.6',
    'Bore where it was squared': '105.06',
    'Bore at its tightest': '105.01',
  });
  await expect(answer).toContainText('Gap 0.293 mm at the tightest place, under 0.35 mm: file off');
  await page.getByRole('button', { name: 'comes gapped' }).click();
  await expect(answer).toContainText('These rings come gapped and are not filed');

  await page.goto(`${shop.address}/bench/clock`);
  await expect(
    page.getByRole('img', { name: /thrust side at the right.*Ring 1 30°, Ring 2 150°/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'anticlockwise' }).click();
  await page.getByRole('button', { name: 'opposite in turn' }).click();
  await expect(page.getByRole('img', { name: /thrust side at the left/ })).toBeVisible();

  await fill('mass', { Masses: '1208 1229 1215 1226', 'May differ by': '14' });
  await expect(answer).toContainText('piece 2 heaviest: 7 g too much');
  await page.getByRole('button', { name: 'in opposed pairs' }).click();
  await expect(answer).toContainText('piece 1 with piece 3 (7 g)');

  await fill('heat', {
    'Pin larger than its hole by': '0.03',
    'Room wanted': '0.03',
    'Pin diameter': '30',
    'It may be warmed to': '150',
  });
  await expect(answer).toContainText('Warm it to 187 °C. That is more than it stands');

  await fill('gasket', {
    'Stand-outs': '0.46 0.48\n0.50 0.52',
    Grades: 'one-hole 0.35 0.48 1.20\ntwo-holes 0.48 0.56 1.30',
    'Least room': '0.8',
  });
  await expect(answer).toContainText('Gasket two-holes, 1.30 mm');
  await expect(answer).toContainText('too close');
  await page.getByLabel(/^Grades/).fill('one-hole 0.35 0.48');
  await expect(page.getByRole('alert')).toContainText('Mark, over, up to and thickness');

  await fill('compression', {
    'Bore(?! where| at)': '105',
    Stroke: '127',
    'Chamber in the head': '4',
    'Bowl in the crown': '57',
    'Hole in the gasket': '107',
    'Gasket, compressed': '1.3',
    'Piston stand-out': '0.51',
  });
  await expect(answer).toContainText(/^1[67]\.\d:1, \d+\.\d cc left above the piston/);
});
