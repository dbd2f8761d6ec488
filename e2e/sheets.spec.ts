import type { Page } from '@playwright/test';
import { orrin6t } from '../demo/sheets/orrin6t';
import { quillon5c } from '../demo/sheets/quillon5c';
import { violations } from './support/accessible';
import { fill, press } from './support/hands';
import { pressThrough, straightToWork } from './support/intake';
import { confirm, expect, signIn, test, unfoldTray } from './support/shop';

/** Taps marks of a drawing by the numbers written on them. */
async function tap(page: Page, drawing: RegExp, ...numbers: string[]): Promise<void> {
  const place = page.getByRole('img', { name: drawing }).first();
  for (const number of numbers) {
    await place
      .locator('text', { hasText: new RegExp(`^${number}$`) })
      .first()
      .click();
  }
}

const part = async (page: Page, name: RegExp): Promise<void> => {
  await press(page, 'All parts');
  await press(page, name);
};

/** Confirms pulls until something shows. */
async function pullUntil(page: Page, shows: () => Promise<boolean>): Promise<void> {
  for (let pulls = 0; pulls < 30 && !(await shows()); pulls += 1) await confirm(page, 1);
  expect(await shows()).toBe(true);
}

test('an engine is entered from its handbook, published, and a job opened on it', async ({
  page,
  shop,
  context,
}) => {
  test.setTimeout(300_000);
  await signIn(page, shop.address);
  await page.getByRole('link', { name: 'Sheets' }).click();
  await press(page, 'New sheet');
  await press(page, 'Begin');
  await expect(page.getByText('Choose the kind nearest to it')).toBeVisible();
  await press(page, 'In-line, push rods');
  await fill(page, 'How many cylinders?', '3');
  await press(page, 'Begin');

  await fill(page, 'Name', 'Marrow 3');
  await expect(page.getByLabel('Short name in files')).toHaveValue('marrow-3');
  await fill(page, 'In a few words', 'Three-cylinder pump diesel');
  await fill(page, 'The book, with its revision', 'Marrow 3 handbook');
  await fill(page, 'Bore', '98');
  await expect(page.getByText('A figure and its unit: mm, thou, in.')).toBeVisible();
  await press(page, 'mm');
  await expect(page.getByLabel('Bore', { exact: true })).toHaveValue('98 mm');

  // Typed with no network, kept, and there again after a reload: the app itself is kept by then.
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await context.setOffline(true);
  await fill(page, 'Stroke', '112 mm');
  // Nobody leaves in the same breath: by then it is on the disk.
  await page.waitForTimeout(300);
  await page.reload();
  await expect(page.getByLabel('Stroke', { exact: true })).toHaveValue('112 mm');
  await context.setOffline(false);

  await part(page, /^Cylinders and ends/);
  const ends = page.getByRole('group', { name: 'Cylinder 1 is at this end' });
  await ends.getByRole('button', { name: 'fan' }).click();
  await page
    .getByRole('group', { name: 'The other end' })
    .getByRole('button', { name: 'flywheel' })
    .click();
  await press(page, 'Add: rotation');
  await press(page, 'clockwise');
  await page
    .getByRole('group', { name: 'Seen from' })
    .getByRole('button', { name: 'gearbox' })
    .click();
  await expect(page.getByText('This engine has no gearbox end')).toBeVisible();
  await page.getByRole('group', { name: 'Seen from' }).getByRole('button', { name: 'fan' }).click();

  await part(page, /^Firing order/);
  await tap(page, /Cylinders seen from above/, '1', '3');
  await expect(page.getByText('The firing order misses cylinder 2.')).toBeVisible();
  await tap(page, /Cylinders seen from above/, '2');
  await expect(page.getByLabel('Order', { exact: true })).toHaveValue('1 3 2');

  await part(page, /^Valve gear/);
  await press(page, /^Make the list of valves/);
  await fill(page, 'Along the head, from the cylinder-1 end', 'I1 E1 I2 E2 I3 E3');
  await press(page, /^Take a typical set/);
  await press(page, 'Add: gaps');
  for (const [kind, figure, least, most] of [
    ['Inlet', '0.25 mm', '0.22 mm', '0.28 mm'],
    ['Exhaust', '0.35 mm', '0.32 mm', '0.38 mm'],
  ] as const) {
    await press(page, `Add: ${kind.toLowerCase()}`);
    await press(page, 'Add: cold');
    await page.getByLabel('Figure', { exact: true }).last().fill(figure);
    await page.getByLabel('Least', { exact: true }).last().fill(most);
    await page.getByLabel('Most', { exact: true }).last().fill(least);
    await expect(page.getByText('The range is upside down')).toBeVisible();
    await page.getByLabel('Least', { exact: true }).last().fill(least);
    await page.getByLabel('Most', { exact: true }).last().fill(most);
    await expect(page.getByText('The range is upside down')).toHaveCount(0);
  }

  await part(page, /^Liners/);
  await press(page, 'none');

  await part(page, /^Bolts and how/);
  await press(page, 'Add a set of fasteners');
  await fill(page, 'Name', 'Head bolts');
  await press(page, 'head');
  await fill(page, 'Rows across the engine', '2');
  await fill(page, 'Columns along it', '4');
  await fill(page, 'Spacing along (mm)', '110');
  await press(page, 'Make the map');
  await expect(page.getByText('Across must be a number')).toBeVisible();
  await fill(page, 'Spacing across (mm)', '160');
  await press(page, 'Make the map');
  // The manual numbers from the middle out: 2 3 6 7 as they lie, then 1 4 5 8.
  await tap(page, /Where the fasteners stand/, '2');
  await tap(page, /Where the fasteners stand/, '3');
  await press(page, 'Begin again');
  await fill(page, 'Thread', 'M12 × 1.75');
  await press(page, 'Until its limit');
  await page
    .getByRole('group', { name: 'Tightened past yield?' })
    .getByRole('button', { name: 'No' })
    .click();
  await press(page, 'bolt');
  await page
    .getByRole('group', { name: 'Kind' })
    .last()
    .getByRole('button', { name: 'oil' })
    .click();
  await page.getByLabel('In words', { exact: true }).last().fill('Engine oil on the thread');
  await press(page, 'Add: programme');
  await press(page, 'torque');
  await press(page, /^From the middle out/);
  await press(page, 'Add a value');
  await page
    .getByRole('group', { name: 'Value' })
    .getByRole('button', { name: 'One figure' })
    .click();
  await fill(page, 'Value', '40 Nm');
  await press(page, 'Add a stage');
  const second = page.getByRole('group', { name: 'Kind' }).last();
  await second.getByRole('button', { name: 'angle' }).click();
  await page.getByRole('button', { name: 'As the stage before' }).click();
  await page.getByRole('button', { name: 'Add a value' }).last().click();
  await page.getByRole('textbox', { name: 'Value', exact: true }).last().fill('90');

  expect(await violations(page)).toEqual([]);
  const overflow = await page.evaluate(
    () => document.documentElement.scrollWidth - window.innerWidth,
  );
  expect(overflow).toBe(0);
  await press(page, 'All parts');
  await expect(page.getByRole('button', { name: 'Publish as rev. 1' })).toBeEnabled();
  await press(page, /^Publish/);
  await expect(page.getByRole('heading', { name: 'Marrow 3' }).first()).toBeVisible();
  await expect(
    page.getByText('Pull to 40 N', { exact: false }).or(page.getByText('Pull to 40 Nm.')),
  ).toBeVisible();
  await expect(page.getByText('Turn by 90.')).toBeVisible();
  await expect(page.getByText('assumed').first()).toBeVisible();

  // A job on it has the cards it needs and no others, and its run turns by angle.
  await press(page, 'Open a job on it');
  await fill(page, 'What you call it', 'pump two');
  await fill(page, 'Serial number', 'M3-17');
  await fill(page, 'Why it is here', 'Will not hold pressure.');
  await press(page, 'Low compression');
  await press(page, 'Head gasket');
  await press(page, 'Fan end');
  await press(page, 'Open the job');
  await unfoldTray(page);
  await expect(page.getByRole('link', { name: /6 Tighten After/ })).toBeVisible();
  await straightToWork(page, page.url());
  await unfoldTray(page);
  await expect(page.getByRole('link', { name: /6 Tighten Next/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /\d+ Valves After/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /^Record/ })).toBeVisible();
  await page.getByRole('link', { name: /6 Tighten/ }).click();
  await pressThrough(page, 'act');
  await press(page, 'It is on');
  await press(page, /Wrench 5/);
  await press(page, 'Begin pulling');
  await pullUntil(page, () => page.getByTestId('value').getByText('90°').isVisible());
  await pullUntil(page, () => page.getByText('Stage 2 is closed').isVisible());
});

test('a file is read all or nothing, and what is wrong with it can be put right here', async ({
  page,
  shop,
}) => {
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/sheets`);
  const sheet = { ...quillon5c, id: 'quillon-5d', name: 'Quillon 5D', revision: 1 };
  const send = (name: string, text: string) =>
    page
      .getByLabel('From a file')
      .last()
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
  await send('note.txt', 'bolt 7, 85');
  await expect(page.getByRole('alert')).toContainText('This file is not JSON.');
  await send(
    'bad.json',
    JSON.stringify({ ...sheet, firing: { ...sheet.firing, order: [1, 2, 4, 5, 5] } }),
  );
  await expect(page.getByRole('alert')).toContainText('The firing order repeats cylinder 5.');
  await expect(page.getByRole('alert')).toContainText('The firing order misses cylinder 3.');
  await expect(page.getByText('Quillon 5D')).toHaveCount(0);
  await press(page, 'Open it as a draft');
  await press(page, /^Firing order/);
  await page.getByLabel('Order', { exact: true }).fill('1 2 4 5 3');
  await press(page, 'All parts');
  await press(page, /^Publish/);
  await expect(page.getByRole('heading', { name: 'Quillon 5D' }).first()).toBeVisible();

  // The next revision of it says what changed, and the one before stands.
  await press(page, 'Make the next revision');
  await press(page, /^Which engine/);
  await fill(page, 'What changes with this revision', 'Bore read again.');
  await fill(page, 'Bore', '84.5 mm');
  await press(page, 'All parts');
  await press(page, /^Publish/);
  await expect(page.getByText('rev. 2: Bore read again.')).toBeVisible();
});

test('a job keeps its revision until someone takes the newer one, and its variant until someone looks again', async ({
  page,
  shop,
}) => {
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/new?sheet=orrin-6t`);
  await fill(page, 'What you call it', 'stone crusher');
  await fill(page, 'Serial number', 'O6-1402');
  await fill(page, 'Why it is here', 'Loss of power.');
  await press(page, 'Worn out');
  await press(page, 'Top end');
  await press(page, 'Fan end');
  await press(page, 'Open the job');
  await expect(page.getByText('Look at the engine and answer the question above')).toBeVisible();
  await press(page, 'Plain cover');
  await press(page, 'Open the job');
  const figures = page.getByRole('link', { name: /^Sheet rev/ });
  await figures.click();

  // Another variant than was thought: what differs is seen first, and why is said.
  await press(page, /^Window cover/);
  await expect(page.getByTestId('change')).toContainText('0.60 mm, here 0.70 mm');
  await expect(page.getByTestId('change')).toContainText('All that was done stands.');
  await press(page, 'It is: Window cover');
  await expect(page.getByText('Say in a few words why: it stands in the record.')).toBeVisible();
  await fill(page, 'Why?', 'The window was under the harness.');
  await press(page, 'It is: Window cover');
  await expect(page.getByText('Orrin 6T · Window cover · O6-1402')).toBeVisible();

  const job = page.url();
  await page.goto(`${shop.address}/sheets`);
  const next = { ...orrin6t, revision: 3, note: 'Bore read again.' };
  const bore = { ...orrin6t.bore, text: '112.5 mm', value: 112.5 };
  await page
    .getByLabel('From a file')
    .last()
    .setInputFiles({
      name: 'orrin.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify({ ...next, bore })),
    });
  await expect(page.getByText('Published: Orrin 6T.')).toBeVisible();
  await page.goto(job);
  await expect(page.getByText('This job runs on rev. 2.')).toBeVisible();
  await expect(page.getByTestId('change')).toContainText('Bore: 112 mm, here 112.5 mm');
  await fill(page, 'Why?', 'The plate says so.');
  await press(page, 'Go on by rev. 3');
  await expect(page.getByText('This job runs on rev. 3.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('This job runs on rev. 3.')).toBeVisible();
  await page.getByRole('link', { name: 'Record' }).click();
  await expect(page.getByText('Sheet rev. 3 taken')).toBeVisible();
  await expect(page.getByText('Variant: Window cover')).toBeVisible();
});

test('the engine is drawn as its pieces, and shows what comes off to get at one', async ({
  page,
  shop,
}) => {
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/sheets/tolvane-44`);
  const together = page.getByRole('group', { name: 'How it goes together' }).last();
  await expect(together.getByRole('img', { name: /^From the top: breather hose/ })).toBeVisible();
  const off = together.getByRole('list', { name: 'Off, in this order' }).getByRole('listitem');

  // By keys: up from the whole engine is its lowest piece, and Escape the whole engine again.
  await together.focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByText('To get at the crankshaft: 23 pieces come off.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(off).toHaveCount(0);
  for (let n = 0; n < 9; n += 1) await page.keyboard.press('ArrowDown');
  await expect(page.getByText('To get at the rocker shaft: 3 pieces come off.')).toBeVisible();
  await expect(off).toHaveText([/Breather hose/, /Rocker cover.*for the rocker shaft/, /Rocker/]);

  // By buttons, for gloves; and by a touch of the drawing.
  await press(page, 'The piece below');
  await expect(page.getByText('To get at the push rod: 4 pieces come off.')).toBeVisible();
  expect(await violations(page)).toEqual([]);
  const main = /^To get at the main cap 2: Sump and Main cap 2 come off/;
  const drawing = together.getByRole('img').first();
  const { width, height } = (await drawing.boundingBox()) ?? { width: 0, height: 0 };
  await drawing.locator('text', { hasText: /^Main cap$/ }).click();
  await expect(page.getByText('To get at the main cap: 3 pieces come off.')).toBeVisible();
  // The second of five, in the last row but one.
  await drawing.click({ position: { x: width * 0.589, y: height - (width / 360) * 32 } });
  await expect(together.getByRole('img', { name: main })).toBeVisible();
  await press(page, 'The whole engine');
  await expect(together.getByRole('img', { name: /^From the top/ })).toBeVisible();

  // On the bench by scope: one head of a V leaves the other bank's alone.
  await page.goto(`${shop.address}/bench/reach`);
  await press(page, 'Castry V8-M');
  await press(page, 'One head');
  await press(page, 'port');
  const answer = page.getByTestId('answer');
  await expect(answer.getByText('One head: port: 12 pieces come off.')).toBeVisible();
  await expect(answer.getByText('Spark plug 1, 2, 3, 4').first()).toBeVisible();
  const listed = answer.getByRole('listitem').filter({ hasText: 'starboard' });
  await expect(listed).toHaveCount(0);
});

test('how a new engine goes together is entered on its picture, begun with what is usual', async ({
  page,
  shop,
}) => {
  let taps = 0;
  const tapOn = async (name: string | RegExp): Promise<void> => {
    taps += 1;
    await press(page, name);
  };
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/sheets/new`);
  await tapOn('In-line, push rods');
  await fill(page, 'How many cylinders?', '3');
  await tapOn('Begin');
  await tapOn('All parts');
  await tapOn(/^Valve gear/);
  await tapOn(/^Make the list of valves/);
  await tapOn('All parts');
  await tapOn(/^How it goes together/);
  await tapOn(/^Add: the engine as pieces/);
  await tapOn(/^Take what is usual/);
  const drawing = page.getByRole('img', { name: /^From the top: inlet manifold/ });
  await expect(drawing).toBeVisible();

  // A turbocharger on the exhaust manifold, which no book of this kind has.
  taps += 1;
  await drawing.locator('text', { hasText: /^Exhaust manifold$/ }).click();
  await expect(page.getByRole('img', { name: /^To get at the exhaust manifold/ })).toBeVisible();
  await tapOn(/^Add a piece/);
  const piece = page.locator('[id="assembly.pieces[2]"]');
  await piece.getByRole('textbox', { name: 'Name', exact: true }).fill('Turbocharger');
  await tapOn('turbo');
  await tapOn(/^Choose: Cannot stay/);
  await piece.getByRole('button', { name: 'Exhaust manifold', exact: true }).click();
  await tapOn('That is all');
  taps += 1;
  await tapOn('Add what holds it');
  await tapOn('screws');
  // Its place in the book is asked for at once: the line stands open until it is given.
  await piece.getByRole('textbox', { name: 'Where it stands' }).fill('Handbook, p. 70');
  const exhaust = page.getByRole('img', { name: /^To get at the turbocharger/ });
  await expect(exhaust).toBeVisible();

  // To get at the manifold it comes off now; a line that goes round in a circle is named at once.
  taps += 1;
  await exhaust.locator('text', { hasText: /^Exhaust manifold$/ }).click();
  await expect(
    page.getByRole('img', { name: /manifold: Turbocharger and Exhaust manifold come off/ }),
  ).toBeVisible();
  await tapOn(/^Choose: Cannot stay/);
  taps += 1;
  await page
    .locator('[id="assembly.pieces[1]"]')
    .getByRole('button', { name: 'Turbocharger', exact: true })
    .click();
  await expect(
    page.getByText(
      'These wait for each other to come off, in a circle: Exhaust manifold, Turbocharger.',
    ),
  ).toBeVisible();
  await tapOn('Take out: Turbocharger');
  await expect(page.getByText(/in a circle/)).toHaveCount(0);
  expect(taps).toBeLessThan(80);
  expect(await violations(page)).toEqual([]);
});
