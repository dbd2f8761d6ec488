import { caseClosed, pistonHung, plated } from '../demo/cylinderStory';
import { madeDead, stripped } from '../demo/intakeStory';
import { DEMO_JOB } from '../demo/jobs';
import { averilQ4 } from '../demo/sheets/averilQ4';
import type { Storyteller } from '../demo/storyteller';
import type { Scope } from '../core/job/facts/scope';
import { press } from './support/hands';
import { confirm, expect, signIn, test } from './support/shop';
import { onTheStand } from './support/stories';

const ELSEWHERE = ['mark', 'parts', 'inspect', 'bores', 'shells', 'crank'] as const;

/** An aircraft engine with its cylinders off, and what comes before its pistons done elsewhere. */
function apart(name: string, scope: Scope): Storyteller {
  const story = onTheStand(averilQ4, name, 90, scope);
  stripped(madeDead(story, averilQ4), averilQ4);
  for (const card of ELSEWHERE) story.act('card.left-out', { card, words: 'Done elsewhere.' });
  return story.act('caution.acknowledged', { caution: 'barring' });
}

test('one piston alone is weighed against the one that came out, and goes in part-way out of its cylinder', async ({
  page,
  shop,
}) => {
  const job = apart('valley trainer', { kind: 'one-cylinder', only: '3' }).end();
  await shop.tell(job);
  await signIn(page, shop.address);
  const at = `${shop.address}/jobs/${job.id}`;
  await page.goto(`${at}/pistons?check=masses`);
  const weigh = async (grams: string): Promise<void> => {
    await page.getByTestId('reading').fill(grams);
    await page.getByTestId('confirm').click();
  };
  await weigh('1208');
  await page.getByRole('group', { name: 'Weighed against' }).waitFor();
  await weigh('1215');
  await expect(page.getByTestId('refusal')).toContainText('Say first what it is weighed against');
  await press(page, 'The one that came out');
  await page.getByTestId('confirm').click();
  await expect(page.getByText('7 g between it and the one that came out')).toBeVisible();

  await page.goto(`${at}/pistons`);
  await press(page, /^Piston part-way out of its cylinder/);
  // Written down before the page is left.
  await page.getByRole('button', { name: /^Piston part-way/, pressed: true }).waitFor();
  await page.goto(`${at}/pistons?check=on-rod`);
  await page.getByTestId('act').waitFor();
  // On the bench nothing turns; at the engine the through bolts are slack until plates hold them.
  await confirm(page, 2);
  await expect(page.getByText('Through bolts are slack', { exact: false })).toBeVisible();
  await press(page, 'Plates are on, pulled down');
  await confirm(page, 4);

  // The plates stand where the cylinder goes; no clamp is held, the rings are in.
  await page.goto(`${at}/fit?set=cylinder`);
  await page.getByTestId('act').waitFor();
  await expect(page.getByRole('button', { name: /^Guided in/ })).toHaveCount(0);
  await confirm(page, 8);
  await page.getByTestId('still-in').getByRole('button').click();
  await confirm(page, 1);
  // It is tried by turning it once its nuts are down: the card leads there.
  await press(page, 'Open tighten');
  await expect(page.getByRole('heading', { name: 'Before the first pull' })).toBeVisible();
});

test('a piston that hangs on its rod leads to its cylinder, and holds the crank for the next', async ({
  page,
  shop,
}) => {
  const story = plated(caseClosed(apart('survey aeroplane', { kind: 'everything' }), averilQ4));
  const job = pistonHung(story, averilQ4, 1).end();
  await shop.tell(job);
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${job.id}/pistons?check=on-rod`);
  // The one opposite stands there too; the third does not.
  await expect(page.getByText('The crank must not turn')).toHaveCount(0);
  await press(page, 'Piston 3');
  await expect(page.getByText('its piston hangs on its rod', { exact: false })).toBeVisible();
  await press(page, 'The pistons are guided');
  await expect(page.getByText('The crank must not turn')).toHaveCount(0);
});

test('the far end of a through bolt is waited for, and its wrench is the other’s', async ({
  page,
  shop,
}) => {
  await signIn(page, shop.address, 'WH');
  await page.goto(`${shop.address}/jobs/${DEMO_JOB.gliderTug}/tighten?set=cylinder-base`);
  await page.getByTestId('ends').getByRole('button', { name: /^Far/ }).click();
  await expect(page.getByText(/Wrench 4/)).toBeVisible();
  await expect(page.getByText(/Wrench 3/)).toHaveCount(0);
});
