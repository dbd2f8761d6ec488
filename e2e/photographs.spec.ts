import { linkSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import sharp from 'sharp';
import { DEMO_JOB } from '../demo/jobs';
import { fill, press } from './support/hands';
import { expect, signIn, test, unfoldTray } from './support/shop';

/** As many as a long day brings, where time does not matter. */
const MANY = Number(process.env.CARDINEX_PHOTOGRAPHS ?? 5);
const MB = 1024 * 1024;

/** Pictures as a phone takes them: some eight megabytes each, with where they were taken. */
async function fromPhone(count: number): Promise<readonly string[]> {
  const folder = mkdtempSync(path.join(tmpdir(), 'pictures-'));
  const noise = { type: 'gaussian', mean: 128, sigma: 60 } as const;
  const picture = await sharp({
    create: { width: 4000, height: 3000, channels: 3, background: '#000', noise },
  })
    .withExif({ IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' } })
    .jpeg({ quality: 88 })
    .toBuffer();
  expect(picture.length).toBeGreaterThan(7.5 * MB);
  const first = path.join(folder, 'taken-1.jpg');
  writeFileSync(first, picture);
  return Array.from({ length: count }, (_, place) => {
    const name = path.join(folder, `taken-${place + 1}.jpg`);
    if (place > 0) linkSync(first, name);
    return name;
  });
}

test('photographs taken with no network are all there once it is back', async ({
  page,
  shop,
  context,
}) => {
  test.setTimeout(600_000);
  const pictures = await fromPhone(MANY);
  await signIn(page, shop.address);
  const job = `${shop.address}/jobs/${DEMO_JOB.sawBench}`;
  await page.goto(`${job}/photographs`);
  await expect(page.getByText('None yet.', { exact: false })).toBeVisible();
  await press(page, /^Photograph/);
  await expect(page.getByText('Say what is to be seen', { exact: false })).toBeVisible();

  // The app is kept on the device before the network goes.
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);

  await context.setOffline(true);
  await fill(page, 'What is to be seen?', 'Gasket, fire side');
  await page
    .getByLabel('Photograph', { exact: true })
    .last()
    .setInputFiles([...pictures]);
  // Work goes on while they are made smaller: the card turns, and turns back.
  await expect(page.getByText(`of ${MANY} made small enough to keep`)).toBeVisible();
  await page.getByRole('button', { name: /^Turn card/ }).click();
  await expect(page.getByText('What failed is kept, in order', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: /^Turn back/ }).click();
  await expect(page.getByText(`${MANY} taken`)).toBeVisible({ timeout: 300_000 });
  await expect(page.getByTestId('photograph')).toHaveCount(MANY);

  // The page closed and opened again, still with no network: nothing is lost.
  await page.reload();
  await expect(page.getByTestId('photograph')).toHaveCount(MANY);
  await expect(
    page.getByText(`${MANY} photographs are on this device only.`, { exact: false }),
  ).toBeVisible();
  await page.goto(job);
  await unfoldTray(page);
  await expect(page.getByRole('link', { name: /5 Inspect/ })).toBeVisible();

  await context.setOffline(false);
  await page.goto(`${job}/photographs`);
  await expect(page.getByTestId('photograph')).toHaveCount(MANY);
  await expect(page.getByText('on this device', { exact: true })).toHaveCount(0, {
    timeout: 240_000,
  });
  const log = (await (
    await page.request.get(`${shop.address}/api/jobs/${DEMO_JOB.sawBench}`)
  ).json()) as {
    events: { type: string; data: { photograph: string } }[];
  };
  const story = log.events.filter(({ type }) => type === 'photograph.taken');
  expect(story).toHaveLength(MANY);
  for (const { data } of story) {
    const answer = await page.request.get(
      `${shop.address}/api/jobs/${DEMO_JOB.sawBench}/photographs/${data.photograph}`,
    );
    expect(answer.status()).toBe(200);
    const { format, exif } = await sharp(await answer.body()).metadata();
    expect([format, exif]).toEqual(['jpeg', undefined]);
  }

  // One opens large, and closes again.
  await page.getByTestId('photograph').first().getByRole('button').click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await press(page, 'Close');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});
