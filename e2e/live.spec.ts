import { DEMO_JOB } from '@cardinex/demo/jobs';
import { expect, readings, signIn, test } from './support/shop';
import { anotherPhone } from './support/slowHands';
import { readyToPull } from './support/stories';

test('two devices on one job see each other’s acts', async ({ page, shop, browser }) => {
  const address = `${shop.address}/jobs/${DEMO_JOB.conveyor}/liners`;
  const second = await (await anotherPhone(browser, true)).newPage();
  await signIn(page, shop.address, 'TR');
  await signIn(second, shop.address, 'WH');
  await page.goto(address);
  await second.goto(address);
  await expect(page.getByText('Put right first')).toBeVisible();
  await expect(second.getByText('Put right first')).toBeVisible();
  await readings(page, '0.10', '0.10', '0.10');
  // The last of them: else the other reads the same place again.
  await expect(second.getByRole('button', { name: '0.10 pump side' })).toBeVisible({
    timeout: 3000,
  });
  await readings(second, '0.12');
  await expect(page.getByRole('img', { name: /Liner 4 0.105 mm/ })).toBeVisible({ timeout: 3000 });
  // Who has which card in hand stands in the tray of everybody else.
  await page.goto(`${shop.address}/jobs/${DEMO_JOB.conveyor}`);
  await expect(page.getByRole('link', { name: /Liners/ })).toContainText(/In hand: Wren \w+,/);
  await second.close();
});

test('one bolt pulled by two who could not see each other is kept, shown and decided', async ({
  page,
  shop,
  context,
  browser,
}, { project }) => {
  const job = readyToPull(`lock gate ${project.name}`).end();
  await shop.tell(job);
  const address = `${shop.address}/jobs/${job.id}/tighten`;
  const others = await anotherPhone(browser, true);
  const second = await others.newPage();
  await signIn(page, shop.address, 'TR');
  await signIn(second, shop.address, 'WH');
  for (const each of [page, second]) {
    await each.goto(address);
    await expect(each.getByTestId('bolt')).toHaveText('1');
  }
  await context.setOffline(true);
  await others.setOffline(true);
  for (const each of [page, second]) {
    await each.getByTestId('confirm').click();
    await expect(each.getByTestId('bolt')).toHaveText('2');
  }
  await context.setOffline(false);
  await others.setOffline(false);

  // Both see it, and neither can go on until someone decides.
  for (const each of [page, second]) {
    await expect(each.getByText('Bolt 1 was pulled twice')).toBeVisible({ timeout: 20_000 });
    await expect(each.getByText('Wren Hollin').first()).toBeVisible();
    await expect(each.getByTestId('bolt')).toHaveCount(0);
  }
  await page.getByLabel('What was found?').fill('it is fine');
  await page.getByRole('button', { name: 'Decide' }).click();
  await expect(page.getByText('Your role may look at this but not do it.')).toBeVisible();

  const lead = await (await anotherPhone(browser, true)).newPage();
  await signIn(lead, shop.address, 'MO');
  await lead.goto(address);
  await lead
    .getByLabel('What was found?')
    .fill('paint mark shows one pull; tried at 40, no movement');
  await lead.getByRole('button', { name: 'Decide' }).click();
  for (const each of [page, second, lead])
    await expect(each.getByTestId('bolt')).toHaveText('2', { timeout: 10_000 });
  await second.close();
  await lead.close();
});
