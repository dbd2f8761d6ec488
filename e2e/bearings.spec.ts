import { DEMO_JOB } from '../demo/jobs';
import { press } from './support/hands';
import { expect, signIn, test } from './support/shop';

test('main bearings in the frame are closed one at a time, the old shells compared as they come', async ({
  page,
  context,
  shop,
}) => {
  await signIn(page, shop.address);
  const act = page.getByTestId('act');
  const go = page.getByTestId('confirm');
  await page.goto(`${shop.address}/jobs/${DEMO_JOB.southFerry}/bearings`);
  await expect(page.getByText('2 of 7')).toBeVisible();
  await expect(page.getByTestId('pattern')).toContainText('Only 3 ran hot');
  await expect(page.getByText('carries the thrust: last')).toBeVisible();
  await go.click();

  // How the upper shell was found is picked: none of it is expected.
  await expect(act).toHaveText('Main 3, upper half');
  await expect(go).toHaveCount(0);
  await press(page, 'Wiped, run hot');
  await expect(act).toHaveText('Journal good');
  // Taken back it is asked again.
  await press(page, /^Undo/);
  await expect(act).toHaveText('Main 3, upper half');
  await press(page, 'Wiped, run hot');

  // From here on without a network, as below the plates.
  await context.setOffline(true);
  for (const step of [
    'Journal good',
    'New shells right',
    'Tang in slot',
    'Oil hole open',
    'Halves right',
    'Rolled in',
  ]) {
    await expect(act).toHaveText(step);
    await go.click();
  }
  // The clearance itself, by the strip under its cap.
  const reading = page.getByTestId('reading');
  await expect(page.getByText(/A strip along the journal/)).toBeVisible();
  await reading.fill('0.24');
  await reading.press('Enter');
  for (const step of ['Oiled', 'Cap is on']) {
    await expect(act).toHaveText(step);
    await go.click();
  }

  // Its own studs alone are pulled, by jacks, and the crank is turned after it.
  await expect(page.getByText('Main cap studs 3')).toBeVisible();
  for (const said of ['All in place', 'It is on', 'Checked, nobody in line'])
    await press(page, said);
  await press(page, 'Begin pulling');
  const closed = page.getByText('3 of 7');
  for (let n = 0; n < 12 && !(await closed.isVisible()); n += 1) {
    await expect(go.or(closed).first()).toBeVisible();
    if (await go.isVisible()) await go.click();
  }
  await expect(closed).toBeVisible();
  await context.setOffline(false);

  // The next one: its cap is slackened by itself, and how it was found is said.
  await expect(go).toContainText('Open bearing 4');
  await go.click();
  await expect(act).toHaveText('Main cap');
  await expect(go).toContainText('Main cap studs');
  await page.reload();
  await expect(page.getByText('3 of 7')).toBeVisible();
});
