import { fill, press } from './support/hands';
import { expect, signIn, test } from './support/shop';
import { readyToPull } from './support/stories';

test('a leaflet is entered, held against the sheet, decided, and what was pulled before is named', async ({
  page,
  shop,
}) => {
  const job = readyToPull('forage wagon').pull('s1', 10).pull('s2', 3).end();
  await shop.tell(job);
  const address = `${shop.address}/jobs/${job.id}`;
  await signIn(page, shop.address);
  await page.goto(`${address}/sheet`);
  await press(page, /^Enter a leaflet/);

  // Nothing given yet: each field says what it wants, and what is typed stays.
  await press(page, 'Keep the leaflet');
  await expect(page.getByText('Give it a title, so that it can be told')).toBeVisible();
  await expect(page.getByText('Say what it came with.')).toBeVisible();
  await expect(page.getByText('Enter at least one thing it says.')).toBeVisible();
  await fill(page, 'What is printed on top of it?', 'Bolt set 12');
  await press(page, 'Bolts');
  await press(page, /^Head bolts, Treatment/);
  await press(page, 'Keep the leaflet');
  await expect(page.getByTestId('refusal')).toContainText(
    'Head bolts, Treatment: say what stands there',
  );
  await press(page, 'paste');
  await fill(page, 'In words', 'The paste in the bag, nothing else');

  // A figure found by its name; one that says the same as the sheet says so.
  await fill(page, 'Look for a figure', 'stage 2 value');
  await press(page, /^Head bolts, Stage 2, Value/);
  const stage = page.getByTestId('said').last();
  await expect(stage).toContainText('The sheet: 85 N·m');
  await stage.getByRole('textbox').first().fill('63 lbf·ft');
  await expect(stage.getByText('says the same')).toBeVisible();
  await stage.getByRole('textbox').first().fill('95 N·m');
  await expect(stage.getByText('differs', { exact: true })).toBeVisible();

  await page.reload();
  await expect(page.getByTestId('said')).toHaveCount(2);
  await press(page, 'Keep the leaflet');

  // Both sources are shown before the next pull, and the card waits.
  await expect(page.getByText('To be decided').first()).toBeVisible();
  await page.goto(shop.address);
  await expect(page.getByRole('link', { name: /forage wagon/ })).toContainText('To decide');
  await page.goto(`${address}/tighten`);
  await expect(page.getByText('Sheet and leaflets differ in 2 places.')).toBeVisible();
  await press(page, 'Decide it');
  const open = page.getByTestId('differences');
  await expect(open).toContainText('Engine oil on thread and under head');
  await expect(open).toContainText('The paste in the bag, nothing else');
  await open.getByRole('button', { name: 'Bolt set 12', exact: true }).click();
  await expect(page.getByTestId('change')).toContainText('Head bolts: 1, 2 and 3');
  await expect(page.getByTestId('change')).toContainText('Another clamp load');
  await fill(page, 'Why?', 'The old bolts are scrapped.');
  await press(page, 'Bolt set 12 holds');
  await expect(page.getByText('decided: Bolt set 12 holds').first()).toBeVisible();

  // The run goes on by the leaflet's figure, from the first bolt that is not at it.
  await page.goto(`${address}/tighten`);
  await expect(page.getByText('95', { exact: true }).first()).toBeVisible();
  await page.goto(`${address}/record`);
  await expect(page.getByText('Leaflet: Bolt set 12')).toBeVisible();
  await expect(page.getByText('The old bolts are scrapped.')).toBeVisible();
});

test('what an engine has had done to it holds at once, with its source and without a network', async ({
  page,
  shop,
  context,
}) => {
  const job = readyToPull('orchard sprayer').end();
  await shop.tell(job);
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${job.id}/sheet`);
  await press(page, /^Enter a deviation/);
  await fill(page, 'What was done to this engine?', 'Block decked by 0.03 mm');
  await press(page, 'Liners');
  await press(page, /^Liners, Least/);
  await fill(page, 'Least', '9 mm');
  await press(page, 'Keep the deviation');
  await expect(page.getByTestId('refusal')).toContainText('The range is upside down');
  await fill(page, 'Least', '0.02 mm');
  await context.setOffline(true);
  await press(page, 'Keep the deviation');
  await expect(page.getByText('holds on this engine')).toBeVisible();
  await context.setOffline(false);
  await page.goto(`${shop.address}/jobs/${job.id}/liners`);
  await expect(page.getByText(/0\.02/).first()).toBeVisible();
});
