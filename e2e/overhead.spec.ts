import { readFileSync } from 'node:fs';
import type { EngineSheet } from '../core/sheet/engineSheet';
import { headOn } from '../demo/intakeStory';
import { averilQ4 } from '../demo/sheets/averilQ4';
import { castryV8 } from '../demo/sheets/castryV8';
import { dunmere2s5 } from '../demo/sheets/dunmere2s5';
import { hesperM6Left, hesperM6Right } from '../demo/sheets/hesperM6';
import { orrin6t } from '../demo/sheets/orrin6t';
import { quillon5c } from '../demo/sheets/quillon5c';
import { tolvane44 } from '../demo/sheets/tolvane44';
import type { DemoJob } from '../demo/storyteller';
import { fits } from './support/fits';
import { fill, press, unfoldRecord } from './support/hands';
import type { Page } from '@playwright/test';
import { expect, signIn, test } from './support/shop';
import { handOn } from './support/standIns';
import { onTheStand } from './support/stories';

/** An engine whose head is on, put on its stand some hours ago: the overhead is next. */
function overheadNext(sheet: EngineSheet, name: string, standOutMm?: number): DemoJob {
  const story = onTheStand(sheet, name, 200, { kind: 'gasket' });
  return headOn(story, sheet, standOutMm).end();
}

/** Until the card shows what it will show: a field is emptied before the act it held is kept. */
async function settled(page: Page): Promise<void> {
  const read = (): Promise<string> => page.getByRole('main').innerText();
  let now = await read();
  for (let before = ''; before !== now;) {
    before = now;
    await page.waitForTimeout(100);
    now = await read();
  }
}

/** Does what the card asks, whatever it is, until the overhead is done or a stop is reached. */
async function goOn(page: Page, until: RegExp, gap: (valve: string) => string): Promise<void> {
  for (let n = 0; n < 400; n += 1) {
    await settled(page);
    const main = await page.getByRole('main').innerText();
    if (until.test(main)) return;
    const entry = page.getByTestId('reading');
    if (await entry.isVisible()) {
      await entry.fill(gap(await page.getByTestId('valve').innerText()));
      await page.keyboard.press('Enter');
    } else await page.getByTestId('confirm').click();
    await expect.poll(() => page.getByRole('main').innerText()).not.toBe(main);
  }
  throw new Error(`never came to ${until}`);
}

test('a two-stroke: exhaust bridges, gaps by go and no-go, injectors by part of a turn', async ({
  page,
  shop,
}) => {
  test.setTimeout(240_000);
  const job = overheadNext(dunmere2s5, 'pumping station, third set', -0.02);
  await shop.tell(job);
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${job.id}/valves`);
  await expect(page.getByText('0 of 10 set')).toBeVisible();
  await page.getByTestId('confirm').click();

  // A bridge that turns is said, with what to do, before its gap may be set.
  await expect(page.getByText('Equalise the bridge')).toBeVisible();
  await fits(page);
  await page.getByTestId('confirm').click();
  await expect(page.getByText('Try the bridge for twist')).toBeVisible();
  await press(page, 'It turns');
  await expect(page.getByTestId('bridge-off')).toContainText('has left a stem');
  await page.getByTestId('confirm').click();
  await expect(page.getByTestId('reading')).toBeVisible();

  // By a leaf that goes and one that does not, without a number being read.
  await page.getByTestId('reading').fill('0.40');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('go-no-go')).toContainText('Goes: ');
  await press(page, /^Goes, and does not/);
  await goOn(page, /Two turns by hand/, () => '0.40');

  // Two turns, and every gap once more: still as it was, or typed.
  await fits(page);
  await page.getByTestId('confirm').click();
  await goOn(page, /Position \d of/, () => '0.40');
  await expect(page.getByRole('button', { name: /^Still 0.40 mm/ })).toBeVisible();
  await page.getByTestId('confirm').click();
  await goOn(page, /All valves set/, () => '0.40');
  await page.goto(`${shop.address}/jobs/${job.id}/record`);
  await unfoldRecord(page);
  await expect(page.getByText(/after two turns/).first()).toBeVisible();
  await expect(page.getByText(/goes, .* does not/).first()).toBeVisible();
  await expect(page.getByText('Injector 1 set')).toBeVisible();
  await expect(page.getByText('Bridge of E1: tried for twist before').first()).toBeVisible();
});

test('bridges, injectors to their gauge, then the housing, then the brakes; the network away for part', async ({
  page,
  shop,
  context,
}) => {
  test.setTimeout(300_000);
  const job = overheadNext(orrin6t, 'rock breaker', -0.09);
  await shop.tell(job);
  const scanner = await handOn(page, 'scanner');
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${job.id}/valves`);
  await expect(page.getByText('0 of 24 set')).toBeVisible();

  // Gone round another way, each with what it takes.
  await press(page, 'Not so');
  await press(page, /Go round another way/);
  await expect(page.getByRole('dialog')).toContainText('of barring; the nearest cam is');
  await fits(page);
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /Cylinder by cylinder/ })
    .click();
  await expect(
    page.getByText('Bar to position 1 of 6').or(page.getByText('Bring cylinder 1')),
  ).toBeVisible();

  // Past its stop: well back, and up again, before anything may be set.
  await press(page, 'Not so');
  await press(page, /It went past/);
  await expect(page.getByTestId('overshot')).toContainText('a quarter turn or more');
  await page.getByTestId('confirm').click();
  await expect(page.getByTestId('overshot')).toHaveCount(0);

  await context.setOffline(true);
  await goOn(page, /Position 2 of 6|Bar to position 2/, (valve) =>
    valve.startsWith('E') ? '0.60' : '0.35',
  );
  await context.setOffline(false);
  await goOn(page, /goes on now/, (valve) => (valve.startsWith('E') ? '0.60' : '0.35'));
  await expect(page.getByText('Brake housing goes on now')).toBeVisible();
  await expect(page.getByText('Gasket: Paper, new, dry')).toBeVisible();
  await fits(page);
  await page.getByTestId('confirm').click();
  await goOn(page, /Two turns by hand/, () => '2.2');
  await press(page, 'Leave it out');
  await fill(page, 'Why not, in a few words', 'The second shift feels them once more.');
  await page.getByRole('dialog').getByRole('button', { name: 'Leave it out' }).click();
  await expect(page.getByText('All valves set').first()).toBeVisible();
  await expect(page.getByTestId('kept-here')).toHaveCount(0, { timeout: 20_000 });

  // Adjusters held against each other: the push rod on the edge of its pocket is called out.
  await press(page, 'Measure the adjusters');
  for (let valve = 0; valve < 12; valve += 1) {
    const label = page.getByTestId('adjusters').getByRole('textbox');
    const before = await label.getAttribute('aria-label');
    // The same figure twice is no change to a browser while the field still holds it.
    await expect(label).toHaveValue('');
    await label.fill(valve === 7 ? '10.2' : '8.1');
    await page.keyboard.press('Enter');
    if (valve < 11) await expect.poll(() => label.getAttribute('aria-label')).not.toBe(before);
  }
  const adjusters = page.getByTestId('adjusters');
  await expect(adjusters).toContainText('E4 stands 2.10 mm further out than its fellows');
  await expect(adjusters).toContainText('feel it into its pocket');
  await press(page, 'E4 is seated: measure it again');
  await adjusters.getByRole('textbox').fill('8.2');
  await page.keyboard.press('Enter');
  await expect(adjusters).not.toContainText('further out');

  // A code typed twice, or with a letter none has, is caught with what to do.
  const codes = page.getByTestId('codes');
  const code = codes.getByRole('textbox');
  await scanner.pull({ code: 'ab23cd' });
  await expect(codes).toContainText('AB23CD');
  await scanner.close();
  await code.fill('AB23CD');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('refusal')).toContainText('Cylinder 1 has that code already');
  await code.fill('AB23C0');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('refusal')).toContainText('No code has a “0”');
  for (const letter of ['E', 'F', 'G', 'H', 'J']) {
    await code.fill(`AB23C${letter}`);
    await page.keyboard.press('Enter');
    await expect(codes).toContainText(`AB23C${letter}`);
  }
  await expect(codes).toContainText('Every injector has its code');
  await fits(page);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    press(page, 'List for the fitting tool (CSV)'),
  ]);
  expect(readFileSync(await file.path(), 'utf8')).toBe(
    'cylinder,code\r\n1,AB23CD\r\n2,AB23CE\r\n3,AB23CF\r\n4,AB23CG\r\n5,AB23CH\r\n6,AB23CJ',
  );
  await page.goto(`${shop.address}/jobs/${job.id}/record`);
  await expect(page.getByText('Brake slave 6, as locked')).toBeVisible();
});

test('hydraulic tappets: half a turn past zero lash, and the crank waits for them', async ({
  page,
  shop,
}) => {
  test.setTimeout(240_000);
  const job = overheadNext(castryV8, 'lock tender');
  await shop.tell(job);
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${job.id}/valves`);
  await page.getByTestId('confirm').click();
  await expect(page.getByText('Past zero lash').first()).toBeVisible();
  await expect(page.getByTestId('target')).toHaveText('180°');
  await page.getByTestId('turn-count').click();
  await expect(page.getByTestId('turn-count')).toContainText('1 of 3 flats');
  await fits(page);
  await expect(page.getByText(/The plunger stands 1\.0\d+ mm deep/)).toBeVisible();
  await goOn(page, /still to wait/, () => '');
  // Cut short only with the reason.
  await page.getByTestId('confirm').click();
  await expect(page.getByText(/still to wait/)).toBeVisible();
  const [first] = (await page.getByRole('heading', { level: 2 }).allInnerTexts()).slice(-1);
  expect(first).toContain('Bar to position 2');
  for (let position = 2; position < 12; position += 1) {
    if (await page.getByText('All valves set').first().isVisible()) break;
    await press(page, 'Not so');
    await press(page, /Not waited for/);
    await fill(page, 'Why are the tappets not waited for?', 'Bled down overnight on the bench.');
    await page.getByRole('dialog').getByRole('button', { name: 'Not waited for' }).click();
    await expect(page.getByText(/still to wait/)).toHaveCount(0);
    await goOn(page, /still to wait|All valves set/, () => '');
  }
  await expect(page.getByText('All valves set').first()).toBeVisible();
});

test('shims: gaps found all round, the tight and the loose serve each other, read again', async ({
  page,
  shop,
}) => {
  test.setTimeout(240_000);
  const job = overheadNext(quillon5c, 'creamery van');
  await shop.tell(job);
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${job.id}/valves`);
  const gap = (valve: string): string => {
    if (valve === 'E1') return '0.30';
    if (valve === 'E2') return '0.50';
    return valve.startsWith('E') ? '0.40' : '0.20';
  };
  await goOn(page, /Every gap is found/, gap);
  for (const [valve, mm] of [
    ['E1', '3.6'],
    ['E2', '3.5'],
  ] as const) {
    await page.getByRole('textbox', { name: `Shim out of ${valve}` }).fill(mm);
    await page.keyboard.press('Enter');
  }
  const shims = page.getByTestId('shims');
  await expect(shims).toContainText('E1: 3.50 mm, out of E2; leaves 0.40 mm.');
  await expect(shims).toContainText('2 change places');
  await fits(page);
  await page.getByTestId('confirm').click();
  await goOn(page, /All valves set/, () => '0.40');
  await page.goto(`${shop.address}/jobs/${job.id}/record`);
  await expect(page.getByText(/E1 3\.50 mm \(out of E2\)/)).toBeVisible();
});

test('one turn out, or a valve asked for where it may not be set: each is caught, with what to do', async ({
  page,
  shop,
}) => {
  const job = overheadNext(tolvane44, 'hay press', 0.07);
  await shop.tell(job);
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${job.id}/valves`);
  await expect(page.getByTestId('should-see')).toContainText('cylinder 4 rocking');
  await press(page, 'Not so');
  await press(page, /Cylinder 1 rocks instead/);
  await expect(page.getByRole('heading', { name: 'Position 2 of 2' })).toBeVisible();
  await expect(page.getByTestId('valve')).toHaveText('E2');

  await page.getByRole('button', { name: /^E1 .*leave alone/ }).click();
  const answer = page.getByTestId('left-alone');
  await expect(answer).toContainText('E1: leave it, its cam is');
  await expect(answer).toContainText('It comes at position 1, 360° on.');
  await fits(page);
  await page.getByRole('button', { name: /^I4 .*set here/ }).click();
  await expect(answer).toHaveCount(0);
  await expect(page.getByTestId('valve')).toHaveText('I4');

  // Set, then locked: what the nut gets and what the wrench is set to, kept with the gap.
  const reading = page.getByTestId('reading');
  for (const mm of ['0.45', '0.30']) {
    await reading.fill(mm);
    await page.keyboard.press('Enter');
    await expect(reading).toHaveValue('');
  }
  const nut = page.getByTestId('lock-nut');
  await expect(nut).toContainText('Lock nut 25 N·m');
  await press(page, /^Lock nut/);
  await fits(page);
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Wrench 1/ })
    .click();
  await press(page, 'This one');
  await expect(nut).toContainText('Wrench 1 set to 25 N·m');
  await fits(page);
  await reading.fill('0.30');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('valve')).not.toHaveText('I4');
  await page.goto(`${shop.address}/jobs/${job.id}/record`);
  await expect(page.getByText(/lock nut 25 N·m, Wrench 1 set to 25 N·m/)).toBeVisible();
});

test('push rods go in at their own position, each felt into its pocket; an engine of the left hand bars the other way', async ({
  page,
  shop,
}) => {
  const job = overheadNext(averilQ4, 'glider tug');
  await shop.tell(job);
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${job.id}/valves`);
  await page.getByTestId('confirm').click();
  const main = page.getByRole('main');
  await expect(page.getByRole('heading', { name: 'Push rod in' })).toBeVisible();
  await press(page, 'It is not');
  await expect(page.getByTestId('rod-off')).toContainText('sets well and fails soon');
  await fits(page);
  await page.getByTestId('confirm').click();
  await expect(page.getByTestId('reading')).toBeVisible();
  await goOn(page, /Bar to position 2/, (valve) => (valve.startsWith('E') ? '0.30' : '0.25'));
  await page.goto(`${shop.address}/jobs/${job.id}/record`);
  await expect(main).toContainText('not in its pocket');

  // Each hand of one engine by its own sheet: other way round, other firing order.
  for (const [sheet, way] of [
    [hesperM6Right, 'clockwise'],
    [hesperM6Left, 'anticlockwise'],
  ] as const) {
    await page.goto(`${shop.address}/sheets/${sheet.id}`);
    const see = page.getByTestId('turn-and-see');
    await expect(see.getByRole('img', { name: /Crank clock/ })).toHaveAccessibleName(
      new RegExp(`, turning ${way}\\.`),
    );
    await expect(see).toContainText(sheet.firing?.order.join('-') ?? 'no order');
  }
});

test('an encoder turns the crank on any sheet, and at the barring says how far is left and when it is past', async ({
  page,
  shop,
}) => {
  const story = onTheStand(orrin6t, 'quarry saw', 200, { kind: 'gasket' });
  headOn(story, orrin6t, -0.09).act('crank.stood', { atDeg: 300, seen: 'cylinder 4 at its top' });
  const job = story.end();
  await shop.tell(job);
  const encoder = await handOn(page, 'encoder');
  try {
    await signIn(page, shop.address);
    await page.goto(`${shop.address}/sheets/${orrin6t.id}`);
    const see = page.getByTestId('turn-and-see');
    await expect(see.getByRole('slider')).toHaveValue('0');
    await encoder.pull({ deg: 120 });
    await expect(see.getByRole('slider')).toHaveValue('120');

    await page.goto(`${shop.address}/jobs/${job.id}/valves`);
    const clock = page.getByRole('img', { name: /Crank clock/ });
    await expect(clock).toHaveAccessibleName(/stands at 300°. Bar 60°/);
    await encoder.pull({ deg: 30 });
    await expect(clock).toHaveAccessibleName(/stands at 330°. Bar 30°/);
    await encoder.pull({ deg: 40 });
    await expect(page.getByTestId('past')).toContainText('The encoder says 10° past');
    await fits(page);
    await encoder.pull({ deg: -100 });
    await expect(page.getByTestId('past')).toHaveCount(0);
    await encoder.pull({ deg: 90 });
    await expect(clock).toHaveAccessibleName(/stands at 360°. Bar 0°/);
  } finally {
    await encoder.close();
  }
});
