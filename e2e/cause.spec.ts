import { DEMO_JOB } from '../demo/jobs';
import { press } from './support/hands';
import { expect, signIn, test } from './support/shop';

test('a remark made on a card is seen to before the job closes; the cause is asked for, with what speaks for it', async ({
  page,
  context,
  shop,
}) => {
  await signIn(page, shop.address);
  const address = `${shop.address}/jobs/${DEMO_JOB.southFerry}`;
  await page.goto(`${address}/bearings`);
  await expect(page.getByText(/^\d of 7$/)).toBeVisible();
  await context.setOffline(true);
  await press(page, /^Turn card/);
  await press(page, 'Something to see to later');
  const slip = page.getByRole('dialog');
  await slip.getByRole('button', { name: 'Keep it' }).click();
  await expect(slip.getByRole('alert')).toContainText('Say what it is.');
  await slip.getByRole('textbox').fill('Door 2 weeps at its lower edge.');
  await slip.getByRole('button', { name: 'Keep it' }).click();
  await expect(slip).toBeHidden();
  await context.setOffline(false);

  await page.goto(`${address}/cause`);
  await expect(page.getByTestId('remarks')).toContainText('Door 2 weeps');
  await expect(page.getByTestId('remarks')).toContainText('on Bearings');
  await expect(page.getByTestId('evidence')).toContainText('Starved of oil');
  // None of the symptoms it came with is asked for again.
  await expect(page.getByRole('button', { name: 'Low oil pressure' })).toHaveCount(0);
  await press(page, 'Starved of oil');
  await page
    .getByLabel('What was done so that it does not again?')
    .fill('Oilway of 3 drilled clear.');
  await press(page, 'That was it');
  await expect(page.getByTestId('answer')).toContainText('Oilway of 3 drilled clear.');
  await press(page, 'Seen to');
  await page.getByRole('dialog').getByRole('textbox').fill('New gasket.');
  await page.getByRole('dialog').getByRole('button', { name: 'Seen to' }).click();
  await expect(page.getByTestId('remarks')).toContainText('seen to · New gasket.');
});
