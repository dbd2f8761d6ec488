import { madeDead, stripped } from '../demo/intakeStory';
import { castryV8 } from '../demo/sheets/castryV8';
import { pressThrough } from './support/intake';
import { press } from './support/hands';
import { onTheStand } from './support/stories';
import { expect, signIn, test, unfoldTray } from './support/shop';

/** A V8's heads, off and on again: what stands on them goes on by its own cards, each in its turn. */
test('what came off goes on again, with its joints, a last look, and only once it may', async ({
  page,
  shop,
}) => {
  test.setTimeout(180_000);
  const story = onTheStand(castryV8, 'pilot cutter', 90, { kind: 'gasket' });
  stripped(madeDead(story, castryV8), castryV8);
  for (const card of ['parts', 'inspect', 'covering'] as const)
    story.act('card.left-out', { card, words: 'Done elsewhere.' });
  const job = story.end();
  await shop.tell(job);
  await signIn(page, shop.address);
  const address = `${shop.address}/jobs/${job.id}`;

  // A valve cover would shut in what is not set yet: it waits, and says for what.
  await page.goto(`${address}/fit?set=valve-cover`);
  await expect(page.getByText('After putting on the rocker.')).toBeVisible();

  // Both sides' faces in one; then port first: the old gasket out, the new one in, on, made fast, its hose on, proved.
  await page.goto(`${address}/fit?set=exhaust-manifold`);
  await expect(page.getByText('2 · Exhaust manifold starboard')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Leave this card out' })).toBeVisible();
  const drawn = page.locator('svg text', { hasText: /^2$/ }).first();
  await drawn.click({ force: true });
  await expect(page.getByText('Left out: Exhaust manifold starboard.')).toBeVisible();
  await drawn.click({ force: true });
  await page.getByTestId('confirm').filter({ hasText: 'Faces clean' }).click();
  await expect(page.getByTestId('act')).toHaveText('Exhaust manifold port');
  await expect(page.getByText('Counted out. One left on lifts the new one.')).toBeVisible();
  await press(page, /^It is on/);
  await page.getByTestId('confirm').click();
  await expect(page.getByText('A step before this one is not taken yet.')).toBeVisible();
  await press(page, /^Old out: gasket/);
  await pressThrough(page, 'act');
  await expect(page.getByText('18 of 18')).toBeVisible();

  // What is more than one is counted and typed, not ticked: one left on is found here.
  await page.goto(`${address}/fit?set=inlet-manifold`);
  await page.getByTestId('confirm').click();
  await expect(page.getByTestId('count')).toBeVisible();
  await page.getByTestId('confirm').click();
  await expect(page.getByText('Count them, and type how many there are.')).toBeVisible();
  await page.keyboard.type('1');
  await page.keyboard.press('Enter');
  await expect(page.getByText('1 counted, 2 there must be. One is still on a face')).toBeVisible();
  // A gasket to each head: the same is asked twice, and told apart by what comes next.
  const confirm = page.getByTestId('confirm');
  await expect(confirm).toContainText('Next: old out: gasket');
  await page.getByTestId('count').fill('2');
  await page.keyboard.press('Enter');
  await expect(confirm).toContainText('Next: in: gasket');
  await expect(page.getByTestId('count')).toHaveValue('');

  await page.goto(address);
  await unfoldTray(page);
  await expect(page.getByRole('link', { name: /Exhaust manifold on Done/ })).toBeVisible();
});
