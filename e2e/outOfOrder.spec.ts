import { madeDead, putOn, stripped, wrenchFor } from '../demo/intakeStory';
import { gapsSet } from '../demo/jobs';
import { averilQ4 } from '../demo/sheets/averilQ4';
import { tolvane44 } from '../demo/sheets/tolvane44';
import { setOf } from '../core/sheet/programmeOf';
import type { Storyteller } from '../demo/storyteller';
import { press } from './support/hands';
import { pressThrough } from './support/intake';
import { onTheStand } from './support/stories';
import { expect, signIn, test } from './support/shop';

/** A gasket job with its head down and its rockers on: the gaps are next. */
function rockersOn(name: string): Storyteller {
  const story = onTheStand(tolvane44, name, 48 * 60, { kind: 'gasket' });
  stripped(madeDead(story, tolvane44), tolvane44);
  for (const card of ['parts', 'inspect', 'stand-out', 'covering'] as const)
    story.act('card.left-out', { card, words: 'Done elsewhere.' });
  for (const bore of ['1', '2', '3', '4']) story.liner(bore, 0.07, 0.07, 0.07, 0.07);
  story.act('liners.accepted', {});
  const head = setOf(tolvane44, 'head');
  if (head) story.wholeRun(head, '1', wrenchFor(tolvane44, head));
  return putOn(story, tolvane44);
}

test('a card is put off until a day; another goes on out of its order, and what that shuts in is opened again', async ({
  page,
  shop,
}) => {
  test.setTimeout(120_000);
  const job = rockersOn('ditch pump').end();
  await shop.tell(job);
  await signIn(page, shop.address);
  const address = `${shop.address}/jobs/${job.id}`;

  // The gauge is away: the gaps are put off, until a day that is one.
  await page.goto(`${address}/valves`);
  await page.getByRole('button', { name: /Turn card/ }).click();
  await page.getByRole('button', { name: 'Put this card off' }).click();
  await page.getByLabel('Why?').fill('feelers are at the other shop');
  await page.getByLabel('Until when, if that is known').fill('Thursday');
  await page.getByRole('button', { name: 'Put it off', exact: true }).click();
  await expect(page.getByText('A date is wanted here, as 2026-12-03; or nothing.')).toBeVisible();
  await page.getByLabel('Until when, if that is known').fill('2031-03-06');
  await page.getByRole('button', { name: 'Put it off', exact: true }).click();
  await page.goto(address);
  await expect(
    page.getByText('Put off until 6 Mar 2031: feelers are at the other shop'),
  ).toBeVisible();

  // The cover goes on meanwhile: asked first, with what it shuts in.
  await page.goto(`${address}/fit?set=rocker-cover`);
  await page.getByRole('button', { name: 'Go on out of order' }).click();
  await expect(page.getByText(/^This shuts in setting the gaps/)).toBeVisible();
  await page.getByLabel('Why?').fill('it goes by road tonight');
  await page.getByRole('button', { name: 'Go on', exact: true }).click();
  await pressThrough(page, 'act');

  // Taken up again, they say what is in the way; once that is off they go on, and the cover waits for them.
  await page.goto(`${address}/valves`);
  await expect(
    page.getByText(/Rocker cover: on, and in the way of setting the gaps/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'It is all off' }).click();
  await page.getByRole('button', { name: 'Take it up again' }).click();
  await expect(page.getByRole('button', { name: 'Take it up again' })).toBeHidden();
  await page.goto(`${address}/fit?set=rocker-cover`);
  await expect(page.getByText('After setting the gaps: this would shut it in.')).toBeVisible();
});

test('the second pull has the cover off again, and on with a new gasket after it', async ({
  page,
  shop,
}) => {
  test.setTimeout(120_000);
  const story = putOn(gapsSet(rockersOn('grain elevator')), tolvane44);
  const job = story.act('heat.reached', { words: 'an hour under load' }).end();
  await shop.tell(job);
  await signIn(page, shop.address);
  const address = `${shop.address}/jobs/${job.id}`;
  await page.goto(address);
  await expect(page.getByRole('link', { name: /After heat/ })).toContainText('Rocker cover');
  await page.getByRole('link', { name: /After heat/ }).click();
  await press(page, 'It is all off');
  await expect(page.getByRole('heading', { name: 'Wrench in hand' })).toBeVisible();
  await page.goto(`${address}/fit?set=rocker-cover`);
  await expect(page.getByText('After the second pull: this would shut it in.')).toBeVisible();
  // An act on the log as any other: its line says what was off again, and for what.
  await page.goto(`${address}/record`);
  await expect(page.getByText(/Rocker cover.* off again/).first()).toBeVisible();
});

test('all that holds the crank is said at once, and plates on the through bolts let it go', async ({
  page,
  shop,
}) => {
  const story = onTheStand(averilQ4, 'training aircraft', 60, { kind: 'one-cylinder', only: '3' });
  stripped(madeDead(story, averilQ4), averilQ4).act('hands.in', { where: 'at cylinder 3' });
  const job = story.end();
  await shop.tell(job);
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${job.id}/register`);
  const notice = page.getByRole('alert');
  await expect(notice).toContainText('Somebody’s hands are in, at cylinder 3');
  await expect(notice).toContainText('Through bolts are slack');
  await page.getByRole('button', { name: 'Plates are on, pulled down' }).click();
  await expect(notice).not.toContainText('Through bolts are slack');
});
