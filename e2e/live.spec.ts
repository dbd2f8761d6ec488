import { DEMO_JOB } from '@cardinex/demo/jobs';
import { expect, readings, signIn, test } from './support/shop';

test('two devices on one job see each other’s acts', async ({ page, shop, browser }) => {
  const address = `${shop.address}/jobs/${DEMO_JOB.conveyor}/liners`;
  const second = await (await browser.newContext()).newPage();
  await signIn(page, shop.address, 'TR');
  await signIn(second, shop.address, 'WH');
  await page.goto(address);
  await second.goto(address);
  await expect(page.getByText('Put right first')).toBeVisible();
  await expect(second.getByText('Put right first')).toBeVisible();
  await readings(page, '0.10');
  await expect(second.getByRole('button', { name: '0.10 fan side' })).toBeVisible({
    timeout: 3000,
  });
  await readings(second, '0.11');
  await expect(page.getByRole('img', { name: /Liner 4 0.105 mm/ })).toBeVisible({ timeout: 3000 });
  await second.close();
});
