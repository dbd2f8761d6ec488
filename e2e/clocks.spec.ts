import { madeDead, putOnRow, sheetIn, stripped } from '../demo/intakeStory';
import { quillon5c } from '../demo/sheets/quillon5c';
import { castryV8 } from '../demo/sheets/castryV8';
import type { EngineSheet } from '../core/sheet/engineSheet';
import type { Storyteller } from '../demo/storyteller';
import { press } from './support/hands';
import { onTheStand } from './support/stories';
import { expect, signIn, test } from './support/shop';

/** An engine of which one piece is off, and goes on again. */
function goingOn(
  sheet: EngineSheet,
  piece: string,
  minutesAgo: number,
  howFar: Parameters<typeof putOnRow>[3],
): Storyteller {
  const story = onTheStand(sheet, `${piece} bench`, minutesAgo, { kind: 'pieces', also: [piece] });
  stripped(madeDead(story, sheet), sheet);
  for (const card of ['parts', 'inspect'] as const)
    story.act('card.left-out', { card, words: 'Done elsewhere.' });
  return putOnRow(story, sheetIn(story, sheet), piece, howFar);
}

test('a bead has its time from its beginning, on every screen and device; past it, it is laid anew', async ({
  page,
  shop,
}) => {
  test.setTimeout(120_000);
  const job = goingOn(quillon5c, 'sump', 60, { upTo: 'bead-1' }).end();
  await shop.tell(job);
  await signIn(page, shop.address);
  const address = `${shop.address}/jobs/${job.id}`;
  const card = `${address}/fit?set=sump`;
  const time = page.getByTestId('joint-time');
  const confirm = page.getByTestId('confirm');

  await page.goto(card);
  await expect(confirm).toContainText('Bead begun');
  await expect(time).toHaveCount(0);
  await page.clock.install();
  await confirm.click();
  await expect(time).toContainText(/Put it on by \d\d:\d\d/);
  await expect(page.getByRole('timer')).toContainText(/^(10:00|9:5\d)$/);
  await expect(confirm).toContainText('Laid all round');

  // It runs on elsewhere, and after the phone was shut: the same second, for it stands in the log.
  await page.goto(`${address}/record`);
  await expect(page.getByText(/Sump: its bead lies. Put it on by/)).toBeVisible();
  await page.goto(shop.address);
  await expect(page.getByText(/Sump: its bead lies. Put it on by/)).toBeVisible();
  await page.goto(card);
  await expect(page.getByRole('timer')).toContainText(/^9:\d\d$/);
  await confirm.click();
  await expect(confirm).toContainText('It is on');

  // Left lying past its time it closes nothing: it is wiped off, and begun again.
  await page.clock.fastForward('11:00');
  await expect(time).toContainText('Its time is over');
  await expect(confirm).toHaveText('Wiped off both faces');
  await press(page, /^It is on/);
  await confirm.click();
  await expect(confirm).toContainText('Bead begun');
  await expect(time).toHaveCount(0);
  await page.goto(`${address}/record`);
  await expect(page.getByText('bead wiped off').first()).toBeVisible();
});

test('a piece that was only nipped is left before it is pulled, or pulled by whoever says why', async ({
  page,
  shop,
}) => {
  // Begun ten minutes ago, nipped since, to be left an hour.
  const beadAt = new Date(Date.now() - 10 * 60_000).toISOString();
  const job = goingOn(castryV8, 'inlet-manifold', 200, { beadAt }).end();
  await shop.tell(job);
  await signIn(page, shop.address);
  const address = `${shop.address}/jobs/${job.id}`;
  await page.goto(`${address}/tighten?set=manifold`);
  await expect(page.getByText(/it sets before it is pulled; not before/)).toBeVisible();
  await press(page, 'Go on out of order');
  await expect(page.getByText('Not waited for: inlet manifold to set.')).toBeVisible();
  await page.getByLabel('Why?').fill('the other half of the shop is at the door');
  await press(page, 'Go on');
  await expect(page.getByText(/Begin pulling/).first()).toBeVisible();
});
