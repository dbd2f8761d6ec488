import { headOn, topDown } from '../demo/intakeStory';
import { averilQ4 } from '../demo/sheets/averilQ4';
import { quillon5c } from '../demo/sheets/quillon5c';
import { overheadSet } from '../demo/overheadStory';
import { timed } from '../demo/timingStory';
import { fits } from './support/fits';
import { fill, press } from './support/hands';
import { expect, signIn, test } from './support/shop';
import { onTheStand } from './support/stories';

test('a chain: line of the sprockets by shim, marks, pins in, wheels pulled, tensioner last, marks again', async ({
  page,
  shop,
  context,
}) => {
  test.setTimeout(180_000);
  const story = onTheStand(quillon5c, 'saw mill', 200, { kind: 'gasket' });
  const job = topDown(story, quillon5c).end();
  await shop.tell(job);
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${job.id}/timing`);
  const act = page.getByTestId('act');
  const confirm = page.getByTestId('confirm');
  await expect(act).toHaveText('Wheels in one line');
  await fits(page);

  // Out of line at all three places: the shim that brings it there, then read again.
  await confirm.click();
  for (const [nth, mm] of ['0.5', '0.55', '0.5'].entries()) {
    await page.getByTestId('reading').fill(mm);
    await page.keyboard.press('Enter');
    await expect(page.getByText(`${nth + 1} of 3`)).toBeVisible();
  }
  await expect(page.getByText(/With a shim of 0.50 mm behind it it stands/).first()).toBeVisible();
  await page.goto(`${shop.address}/jobs/${job.id}/timing?check=wheel-line`);
  for (const place of ['where it stands', 'a third of a turn on', 'two thirds of a turn on']) {
    await press(page, new RegExp(place, 'i'));
    await page.getByTestId('reading').fill('0.05');
    await page.keyboard.press('Enter');
    await press(page, 'Replace it');
    await expect(page.getByTestId('reading')).toHaveCount(0);
  }
  await page.goto(`${shop.address}/jobs/${job.id}/timing`);

  // Marks, pins and tensioner with the network cut.
  await expect(act).toContainText('Two bright links');
  await context.setOffline(true);
  for (const sentence of [
    'One bright link',
    'Line of the cam sprocket',
    'Camshaft pin',
    'Pump pin',
    'Tensioner, its pin in it',
    'Cam sprocket bolts',
  ]) {
    await confirm.click();
    await expect(act).toContainText(sentence);
  }
  await expect(page.getByRole('main')).toContainText('never by the timing pins');
  await context.setOffline(false);
  await confirm.click();
  await expect(page).toHaveURL(/tighten\?set=cam-sprocket/);
  await expect(page.getByTestId('kept-here')).toHaveCount(0, { timeout: 20_000 });
});

test('a mark that does not stand after two turns begins it again; the pin of the tensioner stays in till last', async ({
  page,
  shop,
}) => {
  const story = onTheStand(quillon5c, 'saw mill', 200, { kind: 'gasket' });
  const sheet = quillon5c;
  const job = timed(topDown(story, sheet), sheet, ({ kind }) => kind === 'pin-out').end();
  await shop.tell(job);
  await signIn(page, shop.address);

  // Drawn too early it is refused, with what is left.
  await page.goto(`${shop.address}/jobs/${job.id}/register`);
  await press(page, /Pin of the tensioner: It is out/);
  await expect(page.getByText(/Its pin stays in until all before it is done/)).toBeVisible();

  await page.goto(`${shop.address}/jobs/${job.id}/timing`);
  const act = page.getByTestId('act');
  const confirm = page.getByTestId('confirm');
  await expect(act).toContainText('Camshaft pin');
  for (const sentence of ['Pump pin', 'Pin of the tensioner', 'Two turns by hand']) {
    await confirm.click();
    await expect(act).toContainText(sentence);
  }
  await confirm.click();
  await expect(act).toContainText('Line of the cam sprocket');
  await expect(page.getByRole('main')).toContainText('after 118 turns');
  await press(page, 'Not so');
  await expect(page.getByRole('dialog')).toContainText('17.1° of the crank');
  await fill(page, 'What is wrong, and which way?', 'a tooth late');
  await page.getByRole('dialog').getByRole('button', { name: 'Not so' }).click();
  await expect(page.getByRole('alert')).toContainText('from the marks again');
  await expect(act).toContainText('Two bright links');
  await fits(page);
});

test('ignition to cylinder 1’s firing stroke, told from its exhaust stroke; the top found by a stop and marked', async ({
  page,
  shop,
}) => {
  test.setTimeout(120_000);
  const story = onTheStand(averilQ4, 'valley biplane', 200, { kind: 'everything' });
  for (const card of ['bores', 'shells', 'crank', 'pistons', 'head-build'] as const)
    story.act('card.left-out', { card, words: 'Done elsewhere.' });
  const job = overheadSet(headOn(story, averilQ4), averilQ4).end();
  await shop.tell(job);
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${job.id}/top`);
  const act = page.getByTestId('act');
  const confirm = page.getByTestId('confirm');
  await expect(act).toHaveText('Stop in cylinder 1');
  await confirm.click();
  await fill(page, 'Forward to the stop, the wheel reads', '340');
  await confirm.click();
  await expect(page.getByText('Digits with one comma or point, from 0 to 360.')).toBeVisible();
  await fill(page, 'Backward to the stop, the wheel reads', '24');
  await fits(page);
  await confirm.click();
  await expect(act).toContainText('2°');
  await fill(page, 'What was made, and where?', 'punch dot on the flange at the pointer');
  await confirm.click();
  await expect(page.getByText('Before anything else is turned.')).toBeVisible();
  await confirm.click();
  await expect(page.getByText('Top found, stop out.')).toBeVisible();
  await fits(page);

  // 25° before the firing top; where the valves rock instead, one turn more.
  await page.goto(`${shop.address}/jobs/${job.id}/pump`);
  await expect(act).toHaveText('Cylinder 1 firing, 25° before the top');
  await press(page, 'They rock');
  await expect(page.getByText('One more turn forward, then look again.')).toBeVisible();
  await fits(page);
  await confirm.click();
  await expect(act).toHaveText('Set, mark to mark');
  await confirm.click();
  await press(page, 'It does not');
  await expect(page.getByRole('dialog')).toContainText('one tooth over');
  await fill(page, 'What is seen, and which way?', 'late by a tooth');
  await page.getByRole('dialog').getByRole('button', { name: 'It does not' }).click();
  await expect(page.getByRole('alert')).toContainText('set anew');
  await confirm.click();
  await expect(act).toHaveText('Stands the same');
  await confirm.click();
  await expect(act).toHaveText('Set, and stood again after two turns.');
});
