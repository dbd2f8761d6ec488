import { expect, signIn, test } from './support/shop';
import { anotherPhone } from './support/slowHands';
import { press } from './support/hands';
import { onTheStand } from './support/stories';
import { tolvane44 } from '../demo/sheets/tolvane44';

test('liners accepted with no network, while another reads one anew, wait until someone says they hold', async ({
  browser,
  context,
  page,
  shop,
}) => {
  const job = onTheStand(tolvane44, 'hop kiln')
    .liner('1', 0.06, 0.06)
    .liner('2', 0.07, 0.07)
    .liner('3', 0.08, 0.08)
    .liner('4', 0.09, 0.09)
    .end();
  await shop.tell(job);
  const liners = `${shop.address}/jobs/${job.id}/liners`;
  await signIn(page, shop.address);
  await page.goto(liners);
  await expect(page.getByRole('button', { name: /^Accept the liners/ })).toBeVisible();
  await context.setOffline(true);
  await press(page, /^Accept the liners/);
  await expect(page.getByText('Liners accepted', { exact: true })).toBeVisible();

  const other = await anotherPhone(browser);
  const far = await other.newPage();
  await signIn(far, shop.address, 'WH');
  await far.goto(liners);
  await far.getByText('0.09', { exact: true }).first().click();
  await press(far, /^0.09 fan side/);
  await far.keyboard.type('0.10');
  await far.keyboard.press('Enter');
  await press(far, 'Replace it');
  await expect(far.getByTestId('stands')).toHaveCount(0);
  await expect
    .poll(() =>
      far.evaluate(async (id) => {
        const answer = (await (await fetch(`/api/jobs/${id}`)).json()) as { events: unknown[] };
        return answer.events.length;
      }, job.id),
    )
    .toBe(job.acts.length + 1);

  await context.setOffline(false);
  const pending = page.getByTestId('pending');
  await expect(pending).toContainText('Decided without knowing all');
  await expect(pending).toContainText('Liner 4, fan side0.10 mm');
  await far.goto(`${shop.address}/jobs/${job.id}`);
  await expect(far.getByText('Decided without knowing all. Say whether it holds.')).toBeVisible();
  await far.goto(liners);
  await press(far, 'It holds');
  await expect(far.getByText('Liners accepted', { exact: true })).toBeVisible();
  await expect(page.getByText('Liners accepted', { exact: true })).toBeVisible();
  await page.goto(`${shop.address}/jobs/${job.id}/record`);
  await expect(page.getByText('Holds: Liners accepted')).toBeVisible();
  await other.close();
});
