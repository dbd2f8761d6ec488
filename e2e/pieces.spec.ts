import { fill, press } from './support/hands';
import { makeDead } from './support/intake';
import { takeOff } from './support/strip';
import { expect, signIn, test, unfoldTray } from './support/shop';

/** A water pump, and nothing else: what is in its way comes off, and no card of a head is asked for. */
test('a job is about what was picked on the picture, and goes further by picking more', async ({
  page,
  shop,
}) => {
  test.setTimeout(180_000);
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/new?sheet=tolvane-44`);
  await fill(page, 'What you call it', 'slurry pump');
  await fill(page, 'Serial number', 'T44-30881');
  await press(page, 'Something else');
  await fill(page, 'Why it is here', 'Weeps at the water pump.');
  await press(page, 'Picked pieces');
  await press(page, 'Fan end');
  await press(page, 'Open the job');
  await expect(page.getByText('Touch at least one piece.').first()).toBeVisible();
  const picture = page.getByRole('group', { name: 'Touch what you want to get at' });
  await picture.locator('text', { hasText: /^Water pump and fan$/ }).click();
  await expect(picture.getByRole('img', { name: /^To get at the water pump/ })).toBeVisible();
  await press(page, 'Open the job');
  await expect(page.getByRole('link', { name: /Make it dead/ })).toBeVisible();
  await expect(page.getByText(/^Water pump\. Undisturbed: /)).toBeVisible();
  await unfoldTray(page);
  await expect(page.getByRole('link', { name: /Water pump and fan on After/ })).toBeVisible();
  for (const card of ['Liners', 'Inspect', 'Valves', 'Head bolts'])
    await expect(page.getByRole('link', { name: new RegExp(`^\\d+ ${card}`) })).toHaveCount(0);
  const job = page.url();
  await makeDead(page, job);
  await page.goto(`${job}/strip`);
  await takeOff(page);

  // Its shaft has worn the cover too: more pieces, the reason with them.
  await page.goto(`${job}/scope`);
  await press(page, 'Picked pieces');
  await press(page, 'Pick by name');
  await press(page, 'Thermostat housing');
  await fill(page, 'Why?', 'Its thermostat is stuck as well.');
  await press(page, /^Go further/);
  await expect(page.getByText(/^Water pump and Thermostat housing\./)).toBeVisible();
});

test('a manifold whose studs are seized is lifted with its head, and the reason stands in the record', async ({
  page,
  shop,
}) => {
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/new?sheet=tolvane-44`);
  await fill(page, 'What you call it', 'baler');
  await fill(page, 'Serial number', 'T44-30882');
  await press(page, 'Overheated');
  await press(page, 'Head gasket');
  await press(page, 'Fan end');
  await press(page, 'Something stays on what it stands on?');
  await press(page, 'Exhaust manifold');
  await press(page, 'Open the job');
  await expect(page.getByText('Not yet: look at “Why does it stay on?” above.')).toBeVisible();
  await fill(page, 'Why does it stay on?', 'Its studs are seized.');
  await press(page, 'Open the job');
  await expect(page.getByText(/Lifted as one: exhaust manifold with the head\./)).toBeVisible();
  await unfoldTray(page);
  await expect(page.getByRole('link', { name: /Inlet manifold on/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /Exhaust manifold on/ })).toHaveCount(0);
  await page.goto(`${page.url()}/record`);
  await expect(page.getByText(/Exhaust manifold stays on: Its studs are seized/)).toBeVisible();
});
