import { writeFileSync } from 'node:fs';
import { DEMO_JOB } from '../demo/jobs';
import { pdfPicture, qrIn } from './support/pdfPicture';
import { expect, signIn, test } from './support/shop';

test('tags come as a sheet or a roll, and each code opens its part on its job', async ({
  page,
  shop,
}) => {
  await signIn(page, shop.address);
  const labels = async (size: string): Promise<Buffer> => {
    const answer = await page.request.get(
      `${shop.address}/api/jobs/${DEMO_JOB.sawBench}/labels.pdf?size=${size}`,
    );
    expect(answer.headers()['content-type']).toBe('application/pdf');
    return answer.body();
  };
  const roll = await pdfPicture(await labels('roll'), 5);
  const address = qrIn(roll);
  expect(address).toMatch(/^http:\/\/127\.0\.0\.1:\d+\/jobs\/[0-9a-f-]+\/mark\?part=/);
  await page.goto(address ?? '');
  await expect(page.getByTestId('code')).toHaveText('T E1 (1)');
  await expect(page.getByText('1st of 5 from the pulley end.', { exact: false })).toBeVisible();

  const sheet = await pdfPicture(await labels('sheet'));
  // A4 at 300 dots an inch.
  expect([sheet.width, sheet.height]).toEqual([2481, 3508]);
  const [folder] = [process.env.CARDINEX_LOOK_AT];
  if (folder) {
    writeFileSync(`${folder}/labels-sheet.png`, sheet.toBuffer('image/png'));
    writeFileSync(`${folder}/labels-roll.png`, roll.toBuffer('image/png'));
  }
  const wrong = await page.request.get(
    `${shop.address}/api/jobs/${DEMO_JOB.sawBench}/labels.pdf?size=poster`,
  );
  expect(wrong.status()).toBe(422);
});
