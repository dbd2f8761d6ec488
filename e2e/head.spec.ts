import type { Scope } from '@cardinex/core/job/facts/scope';
import { gapsSet } from '../demo/jobs';
import { averilQ4 } from '../demo/sheets/averilQ4';
import { hesperM6Right } from '../demo/sheets/hesperM6';
import { tolvane44 } from '../demo/sheets/tolvane44';
import { madeDead } from '../demo/intakeStory';
import type { Storyteller } from '../demo/storyteller';
import { DEMO_TOOL } from '../demo/tools';
import { fill, press } from './support/hands';
import { pressThrough } from './support/intake';
import { confirm, expect, setHand, signIn, test, unfoldTray } from './support/shop';
import { anotherPhone } from './support/slowHands';
import { handOn } from './support/standIns';
import { onTheStand, readyToPull } from './support/stories';

/*
 * A head built, put on and tightened, by every kind of hand: a wrench that speaks for itself, digits
 * and the space bar, two people, jacks; and again once it has been hot.
 */

/** A Tolvane with all before its head done elsewhere, begun so many minutes ago. */
function atHead(name: string, scope: Scope, minutesAgo = 8): Storyteller {
  const story = madeDead(onTheStand(tolvane44, name, minutesAgo, scope), tolvane44);
  for (const card of ['mark', 'strip', 'parts', 'inspect', 'stand-out', 'fit'] as const)
    story.act('card.left-out', { card, words: 'Done elsewhere.' });
  return story
    .liner('1', 0.06, 0.06)
    .liner('2', 0.07, 0.07)
    .liner('3', 0.08, 0.08)
    .liner('4', 0.09, 0.09)
    .act('liners.accepted', {});
}

test('a head is built, looked under, put on, and pulled by a wrench that speaks', async ({
  page,
  shop,
}) => {
  test.setTimeout(240_000);
  const wrench = await handOn(page, 'wrench');
  const job = atHead('beet washer', { kind: 'top-end' }).end();
  await shop.tell(job);
  await signIn(page, shop.address);
  const at = `${shop.address}/jobs/${job.id}`;

  await page.goto(`${at}/head-build?check=head-built`);
  await expect(page.getByTestId('act')).toHaveText('Guides in');
  await pressThrough(page, 'act');

  // A last look; what is not good is said, and keeps the head off until it is.
  await page.goto(`${at}/tighten?set=head`);
  await expect(page.getByTestId('act')).toContainText('Nothing left in a bore');
  await press(page, 'Not good');
  await fill(page, 'What is it?', 'a rag in number three');
  await page.getByRole('dialog').getByRole('button', { name: 'Not good' }).click();
  await expect(page.getByTestId('act')).toContainText('Dowels in');
  await pressThrough(page, 'act');
  await press(page, 'Nothing left in a bore, a hole or a passage: rags and tools counted');
  await press(page, 'Good');

  // Then the crank, the faces, the gasket, the lift, down, and flush.
  await expect(page.getByText(/Cylinder 1: at its firing top/)).toBeVisible();
  await pressThrough(page, 'act');
  await expect(page.getByRole('heading', { name: 'Before the first pull' })).toBeVisible();
  await expect(page.getByText('flush all round by hand')).toHaveCount(0);
  await press(page, 'It is on');
  await press(page, /Wrench 5/);
  await press(page, 'Begin pulling');

  // A sound pull confirms itself; one that bottoms is stopped, with what to do.
  await expect(page.getByTestId('bolt')).toHaveText('1');
  await wrench.pull({ trouble: 'none' });
  await expect(page.getByTestId('bolt')).toHaveText('2');
  await wrench.pull({ trouble: 'bottomed' });
  await expect(page.getByRole('dialog')).toContainText('Take it out, clean thread and hole');
  await expect(page.getByLabel('In a few words')).toHaveValue(/It bottomed/);
  await press(page, 'Keep this');
  await expect(page.getByTestId('bolt')).toHaveText('3');
  await wrench.pull({ trouble: 'none', share: 0.8 });
  await expect(page.getByRole('dialog')).toContainText('Bolt 3: what happened?');
  await expect(page.getByLabel('In a few words')).toHaveValue(/^reached 3/);
  await page.getByRole('dialog').getByRole('button', { name: 'Back' }).click();
  // One of ten is in: the second is pulled again at the end of its stage, the third was not kept.
  for (let pulls = 3 * 10 - 1; pulls > 0; pulls -= 1) await wrench.pullOn({ trouble: 'none' });
  const results = page.getByTestId('results');
  await expect(results).toContainText('Odd: 2');
  await expect(results).toContainText('Pulled by Tobin');

  // One comes out for a bracket, and goes through every stage by itself.
  await press(page, /^Heads are marked/);
  await expect(page.getByText('Every head is marked with paint.')).toBeVisible();
  await press(page, 'One has to come out again');
  await page.getByRole('dialog').getByRole('img').getByText('7', { exact: true }).click();
  await fill(page, 'Which one, and what for?', 'the lifting bracket');
  await page.getByRole('dialog').getByRole('button', { name: 'One has to come out' }).click();
  for (const stage of [1, 2, 3]) {
    await expect(page.getByText(`Stage ${stage} of 3 begins`)).toBeVisible();
    await press(page, 'It is set');
    await expect(page.getByTestId('bolt')).toHaveText('7');
    await wrench.pullOn(stage === 1 ? { fresh: true } : {});
  }
  await expect(page.getByRole('heading', { name: 'Tightened' })).toBeVisible();
  await expect(results).toContainText('7: out once more and redone.');
  await press(page, /^Heads are marked/);
  await press(page, /^Let the wrench back/);

  // The engine is run once the valves are set as well.
  await page.goto(`${at}/after-heat?set=head`);
  await expect(page.getByText('After valves.')).toBeVisible();
  await wrench.close();
});

test('left for a quarter of an hour, the crank is proved again before the head is let down', async ({
  page,
  shop,
}) => {
  const story = atHead('cider mill', { kind: 'gasket' }, 40);
  for (const item of ['nothing-left', 'dowels', 'hides-0', 'hides-1', 'hides-2'])
    story.act('check.seen', { check: 'last-look/head/1', item, found: 'good' });
  for (const step of ['crank-stands', 'faces', 'gasket-way', 'tackle'])
    story.act('check.seen', { check: 'head-on/head/1', item: '1', step, found: 'good' });
  const job = story.end();
  await shop.tell(job);
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${job.id}/tighten?set=head`);
  await expect(page.getByTestId('crank-again')).toBeVisible();
  await expect(page.getByTestId('act')).toHaveText('Crank stands there');
  await page.getByTestId('confirm').click();
  await expect(page.getByTestId('act')).toHaveText('Head is down');
  await pressThrough(page, 'act');
  await expect(page.getByRole('heading', { name: 'Before the first pull' })).toBeVisible();
});

test('a whole head with the space bar and digits alone, the network away for part of it', async ({
  page,
  shop,
  context,
}) => {
  test.setTimeout(120_000);
  const job = readyToPull('threshing floor').end();
  await shop.tell(job);
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${job.id}/tighten`);
  await expect(page.getByTestId('bolt')).toHaveText('1');
  // Digits go to what it showed; within, they confirm by Enter; far off, it is not so.
  await page.keyboard.type('45.2');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('bolt')).toHaveText('2');
  await page.keyboard.type('62');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toContainText('Ease it off');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await context.setOffline(true);
  await page.getByTestId('reached').fill('');
  for (let bolt = 2; bolt <= 10; bolt += 1) {
    await expect(page.getByTestId('bolt')).toHaveText(String(bolt));
    await page.keyboard.press('Space');
    await page.waitForTimeout(280);
  }
  await context.setOffline(false);
  await expect(page.getByText('Stage 2 of 3')).toBeVisible();
  await expect(page.getByTestId('kept-here')).toHaveCount(0, { timeout: 20_000 });
  await page.goto(`${shop.address}/jobs/${job.id}/record`);
  await expect(page.getByText('reached 45.2 N·m')).toBeVisible();
});

test('two opposite cylinders are pulled in step, each hand with a wrench of its own, through bolts at both ends', async ({
  browser,
  page,
  shop,
}) => {
  test.setTimeout(180_000);
  const job = onTheStand(averilQ4, 'crop duster').end();
  await shop.tell(job);
  await signIn(page, shop.address);
  const at = `${shop.address}/jobs/${job.id}/tighten`;
  await page.goto(at);
  await page.getByTestId('ends').getByRole('button', { name: 'Near side' }).click();
  for (const ready of ['Flush all round', 'It is on']) await press(page, ready);
  await press(page, /Wrench 3/);
  await press(page, 'Begin pulling');
  await expect(page.getByTestId('bolt')).toHaveText('1-1');

  // The other has nothing ready yet: what lies flush is known, the wrench is not.
  const other = await anotherPhone(browser);
  const far = await other.newPage();
  await signIn(far, shop.address, 'WH');
  await far.goto(at);
  await far.getByTestId('ends').getByRole('button', { name: 'Far side' }).click();
  await press(far, 'It is on');
  await press(far, /Wrench 4/);
  await press(far, 'Begin pulling');
  await expect(far.getByTestId('bolt')).toHaveText('2-1');

  // Six nuts each; whoever is through first waits for the other side.
  const nuts = (averilQ4.fastenedSets?.[0]?.fasteners ?? []).filter(
    ({ group }) => group === 'base',
  ).length;
  await confirm(page, nuts);
  await expect(page.getByText('Waiting for the other side')).toBeVisible();
  await confirm(far, nuts);
  // Each sets their own wrench for the through bolts, and pulls their own end of each.
  await setHand(page);
  await setHand(far);
  await expect(page.getByTestId('bolt')).toHaveText('2');
  await page.getByTestId('confirm').click();
  await expect(page.getByText('Waiting for the other end')).toBeVisible();
  // The near end alone closes nothing.
  await expect(page.getByTestId('bolt')).toHaveText('2');
  await expect(far.getByText('The near end is on already.')).toBeVisible();
  await far.getByTestId('confirm').click();
  await expect(far.getByTestId('bolt')).toHaveText('6');
  await expect(page.getByTestId('bolt')).toHaveText('6');
  await other.close();
});

test('nuts are counted under the jacks, and the odd one is tensioned again', async ({
  page,
  shop,
}) => {
  const story = onTheStand(hesperM6Right, 'ferry, spare engine');
  for (const bore of ['1', '2', '3', '4', '5', '6']) story.liner(bore, 0.44, 0.45);
  const job = story.act('liners.accepted', {}).end();
  await shop.tell(job);
  const pump = await handOn(page, 'pump');
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${job.id}/tighten`);
  for (const ready of ['Flush all round', 'It is on', 'Checked, nobody in line'])
    await press(page, ready);
  await press(page, 'Begin pulling');
  await expect(page.getByTestId('jack')).toContainText('the stud stretches');
  // A pump stopped short is said before any nut is run down on it.
  const gauge = page.getByTestId('gauge');
  await pump.pull({ share: 0.9 });
  await expect(gauge).toContainText('350 bar is asked');
  await page.getByTestId('confirm').click();
  await expect(page.getByRole('dialog')).toContainText('what happened?');
  await page.getByRole('dialog').getByRole('button', { name: 'Back' }).click();
  await pump.pull();
  await expect(gauge).toContainText(/Pumped to 3(4|5)\d bar/);
  const studs = hesperM6Right.fastenedSets?.[0]?.fasteners ?? [];
  for (const nth of studs.keys()) {
    await expect(page.getByTestId('bolt')).not.toHaveText('');
    const before = await page.getByRole('main').innerText();
    await page.getByTestId('reached').fill(nth === 2 ? '3' : '1');
    await page.keyboard.press('Enter');
    await expect.poll(() => page.getByRole('main').innerText()).not.toBe(before);
  }
  await expect(page.getByText('Stage 2 of 3')).toBeVisible();
  const nuts = page.getByTestId('nuts');
  await expect(nuts).toContainText('went 3 holes, the others 1 hole');
  await nuts.getByRole('button', { name: /tension again/ }).click();
  await expect(page.getByText('Stage 1 of 3')).toBeVisible();
  await expect(page.getByTestId('failed')).toContainText('tension it again');
  await page.getByTestId('reached').fill('1');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Stage 2 of 3')).toBeVisible();
  await expect(nuts).toHaveCount(0);
  // What was pumped to belongs to its stage: the next pressure is pumped to anew.
  await press(page, 'It is set');
  await expect(gauge).not.toContainText('Pumped to');
  await pump.close();
  await page.goto(`${shop.address}/jobs/${job.id}/record`);
  await expect(
    page.getByText(/pumped to 3(4|5)\d bar, read by the gauge; nut went/).first(),
  ).toBeVisible();
});

/** The same with its head pulled down and its valves set: nothing is left but to run it. */
function closedUp(name: string, hoursAgo: number): Storyteller {
  const story = atHead(name, { kind: 'gasket' }, hoursAgo * 60);
  return gapsSet(
    story
      .act('card.left-out', { card: 'covering', words: 'It was on already.' })
      .prepare(DEMO_TOOL.wrench5)
      .pull('s1', 10)
      .pull('s2', 10)
      .pull('s3', 10),
  );
}

test('what is pulled again after heat waits for it, with its date in a calendar', async ({
  page,
  shop,
}) => {
  const job = closedUp('lock pump', 2).end();
  await shop.tell(job);
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${job.id}/after-heat?set=head`);
  await expect(page.getByText('Run it to working heat first.')).toBeVisible();
  await press(page, 'It was at working heat');
  await fill(page, 'How long, under what load, what it showed', 'an hour at half load, 82 °C');
  await press(page, 'Keep it');
  await expect(page.getByTestId('cooling')).toContainText('Not before');
  // The server knows of it once the act has gone out.
  const calendar = `${shop.address}/api/jobs/${job.id}/after-heat.ics`;
  await expect
    .poll(async () => (await page.request.get(calendar)).text())
    .toContain('BEGIN:VEVENT');
  // The shop's own calendar, which a calendar program follows, has it beside the checks of its tools.
  const tools = await page.request.get(`${shop.address}/api/tools`);
  const { calendar: feed } = (await tools.json()) as { calendar: string };
  const dates = (await (await page.request.get(shop.address + feed)).text()).replace(/\r\n /g, '');
  expect(dates).toContain('SUMMARY:Head bolts again after heat: lock pump');
  expect(dates).toContain('SUMMARY:Check due: Wrench 8');
});

test('cooled, each bolt is eased and pulled before the next is touched', async ({ page, shop }) => {
  test.setTimeout(120_000);
  const story = closedUp('mill race', 12);
  const job = story.act('heat.reached', { words: 'an hour at half load' }).end();
  await shop.tell(job);
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${job.id}/after-heat?set=head`);
  await press(page, 'It is on');
  await press(page, /Wrench 5/);
  await press(page, 'Begin pulling');
  for (const bolt of ['1', '2', '3']) {
    await expect(page.getByTestId('bolt')).toHaveText(bolt);
    await expect(page.getByTestId('value')).toContainText('90°');
    await confirm(page, 1);
    await expect(page.getByTestId('bolt')).toHaveText(bolt);
    await expect(page.getByTestId('value')).not.toContainText('90°');
    await confirm(page, 1);
  }
  await confirm(page, 14);
  await expect(page.getByRole('heading', { name: 'Tightened' })).toBeVisible();
  await page.goto(`${shop.address}/jobs/${job.id}`);
  await unfoldTray(page);
  await expect(page.getByRole('link', { name: /After heat Done/ })).toBeVisible();
});
