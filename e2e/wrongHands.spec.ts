import type { Page } from '@playwright/test';
import type { ShopServer } from './support/shop';
import { confirm, expect, readings, signIn, test } from './support/shop';
import { fillDisk } from './support/disk';
import { press } from './support/hands';
import { hurry } from './support/slowHands';
import { handOn } from './support/standIns';
import { onTheStand, readyToPull } from './support/stories';
import type { Storyteller } from '../demo/storyteller';
import { tolvane44 } from '../demo/sheets/tolvane44';

/** Thumbs, pedals, gloves, a bad disk: what must not get onto the record, and what must not be lost. */

/** Tells a job and opens a card of it. */
async function open(
  page: Page,
  shop: ShopServer,
  story: Storyteller,
  card = 'tighten',
): Promise<string> {
  const job = story.end();
  await shop.tell(job);
  await signIn(page, shop.address);
  const address = `${shop.address}/jobs/${job.id}`;
  await page.goto(`${address}/${card}`);
  await page.getByTestId('act-bar').waitFor();
  return address;
}

const bolt = (page: Page) => page.getByTestId('bolt');

test('looking back is another place: nothing there records anything, and one press leads back', async ({
  page,
  shop,
}) => {
  await open(page, shop, readyToPull('looking back'));
  await confirm(page, 3);
  await expect(bolt(page)).toHaveText('4');
  const past = page.getByTestId('looking-back');
  for (const leadBack of ['PageDown', 'Space', 'Enter', 'button'] as const) {
    await page.keyboard.press('PageUp');
    await expect(past).toContainText('Looking back at bolt 3');
    await expect(bolt(page)).toHaveText('3');
    // Neither undone nor typed over from there.
    await page.keyboard.press('Backspace');
    await page.keyboard.type('45');
    await expect(past).toBeVisible();
    if (leadBack === 'button') await press(page, 'Back to bolt 4');
    // An Enter behind digits would be a gauge's: it is given a moment.
    else await page.waitForTimeout(1100).then(() => page.keyboard.press(leadBack));
    await expect(past).toHaveCount(0);
    await expect(bolt(page)).toHaveText('4');
    await expect(page.getByText('3 done, 7 to go')).toBeVisible();
  }
  await page.keyboard.press('PageUp');
  await page.keyboard.press('PageUp');
  await expect(past).toContainText('Looking back at bolt 2');
  // With the back of the card turned up, too, a key only turns it over.
  await press(page, 'Back to bolt 4');
  await press(page, /Turn card/);
  await page.keyboard.press('Space');
  await expect(bolt(page)).toHaveText('4');
  await expect(page.getByText('3 done, 7 to go')).toBeVisible();
});

test('a pull a wrench sends while one looks back, or under a slip, is refused and not written to what is not shown', async ({
  page,
  shop,
}) => {
  const wrench = await handOn(page, 'wrench');
  await open(page, shop, readyToPull('sent behind'));
  await wrench.pullOn();
  await expect(bolt(page)).toHaveText('2');
  await page.keyboard.press('PageUp');
  await expect(page.getByTestId('looking-back')).toBeVisible();
  wrench.pullUnasked();
  // It leads back to the bolt that was pulled, and says so.
  await expect(page.getByTestId('refusal')).toContainText('while you looked back');
  await expect(bolt(page)).toHaveText('2');
  await expect(page.getByText('1 done, 9 to go')).toBeVisible();
  await press(page, 'Not so');
  await expect(page.getByRole('dialog')).toBeVisible();
  wrench.pullUnasked();
  await page.waitForTimeout(1000);
  await page.keyboard.press('Escape');
  await expect(page.getByText('1 done, 9 to go')).toBeVisible();
  await wrench.pullOn();
  await expect(page.getByText('2 done, 8 to go')).toBeVisible();
  await wrench.close();
});

test('two touches that are one record one bolt, and a pull nobody can have made is asked about', async ({
  page,
  shop,
}) => {
  const address = await open(page, shop, readyToPull('two touches'));
  await expect(bolt(page)).toHaveText('1');
  const box = await page.getByTestId('confirm').boundingBox();
  if (!box) throw new Error('no button');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  const touch = (): Promise<void> => page.touchscreen.tap(x, y);
  await hurry(page, 0);
  await touch();
  await touch();
  await expect(bolt(page)).toHaveText('2');
  // A thumb that drums: every press its own, none of them a pull.
  for (let drum = 0; drum < 2; drum += 1) {
    await hurry(page, 260);
    await touch();
    await expect(page.getByTestId('too-soon')).toContainText('Bolt 2 too?');
    await expect(bolt(page)).toHaveText('2');
  }
  await press(page, 'Yes, it is pulled');
  await expect(bolt(page)).toHaveText('3');
  await touch();
  await press(page, 'No, not yet');
  await expect(page.getByTestId('too-soon')).toHaveCount(0);
  await expect(bolt(page)).toHaveText('3');
  // In its own time no question is asked.
  await hurry(page, 1600);
  await touch();
  await expect(bolt(page)).toHaveText('4');
  // The key and the touch have one guard.
  await hurry(page, 1600);
  await touch();
  await hurry(page, 0);
  await page.keyboard.press('Space');
  await expect(bolt(page)).toHaveText('5');
  await hurry(page, 1600);
  await press(page, /^Undo/);
  await expect(bolt(page)).toHaveText('4');
  await page.goto(`${address}/record`);
  await expect(page.getByText(/Head bolts: bolt \d, stage 1/)).toHaveCount(4);
});

test('several pulled before anybody could tap are said together, and marked as said afterwards', async ({
  page,
  shop,
}) => {
  const address = await open(page, shop, readyToPull('several pulled'));
  await confirm(page, 2);
  await press(page, 'Not so');
  await press(page, /^Several are pulled already/);
  const slip = page.getByRole('dialog');
  await slip.getByRole('button', { name: '6', exact: true }).click();
  await expect(slip).toContainText('Bolts 3, 4, 5 and 6, each at 45 N·m');
  await slip.getByRole('button', { name: 'They are pulled' }).click();
  await expect(bolt(page)).toHaveText('7');
  await page.goto(`${address}/record`);
  await expect(page.getByText('Head bolts: bolts 3, 4, 5 and 6, stage 1')).toBeVisible();
  await expect(page.getByText('said afterwards')).toBeVisible();
  // Taken back as they were said: together.
  await page.goto(`${address}/tighten`);
  await press(page, /^Undo/);
  await expect(bolt(page)).toHaveText('3');
});

test('between two stages the hand is stopped until it has set the wrench', async ({
  page,
  shop,
}) => {
  const address = await open(page, shop, readyToPull('two stages'));
  await confirm(page, 9);
  await expect(bolt(page)).toHaveText('10');
  const bar = await page.getByTestId('act-bar').boundingBox();
  await page.getByTestId('confirm').click();
  const stop = page.getByTestId('stage-stop');
  await expect(stop).toContainText('Set the wrench to');
  // A thumb that drums on has set nothing.
  await hurry(page, 300);
  await page.getByTestId('confirm').click();
  await expect(page.getByTestId('refusal')).toContainText('That was quick.');
  await hurry(page, 2000);
  await expect(page.getByTestId('setting')).toContainText('85');
  // In the reader's unit, at a tap; and the bar has not moved.
  await page.getByRole('button', { name: 'N·m: change unit' }).click();
  await expect(page.getByTestId('setting')).toContainText('62.7');
  expect(await page.getByTestId('act-bar').boundingBox()).toEqual(bar);
  // Taken back it is the last bolt once more, and the stop comes again.
  await page.keyboard.press('Backspace');
  await expect(bolt(page)).toHaveText('10');
  await page.keyboard.press('Space');
  await expect(stop).toBeVisible();
  await press(page, 'It is set');
  await expect(bolt(page)).toHaveText('1');
  await expect(page.getByText('Stage 2 of 3')).toBeVisible();
  await page.reload();
  await expect(bolt(page)).toHaveText('1');
  await page.goto(`${address}/record`);
  await expect(page.getByText('Head bolts: set for stage 2')).toBeVisible();
});

test('what lies behind a slip takes neither touch nor key', async ({ page, shop }) => {
  await open(page, shop, onTheStand(tolvane44, 'behind a slip', 8, { kind: 'gasket' }), 'dead');
  const counted = page.getByText(/^\d of \d/).first();
  await page.getByTestId('act').waitFor();
  await confirm(page, 1);
  const before = await counted.innerText();
  const notGood = page.getByRole('button', { name: 'Not good' });
  await notGood.focus();
  await page.keyboard.press('Enter');
  const slip = page.getByRole('dialog');
  await expect(slip).toBeVisible();
  // The focus never leaves it, however often one tabs on.
  for (let tab = 0; tab < 8; tab += 1) {
    await page.keyboard.press('Tab');
    const outside = await page.evaluate(() => {
      const { activeElement } = document;
      return activeElement !== document.body && !activeElement?.closest('dialog');
    });
    expect(outside).toBe(false);
  }
  for (const key of ['PageDown', 'Backspace']) await page.keyboard.press(key);
  await expect(page.getByText(before).first()).toBeVisible();
  await page
    .getByTestId('confirm')
    .click({ force: true, timeout: 1000 })
    .catch(() => undefined);
  await page.keyboard.press('Escape');
  await expect(slip).toHaveCount(0);
  await expect(notGood).toBeFocused();
  await expect(page.getByText(before).first()).toBeVisible();

  // What was refused on it is said right above its own button.
  await page.keyboard.press('Enter');
  await slip.getByRole('button', { name: 'Not good' }).click();
  const line = slip.getByTestId('refusal');
  await expect(line).toBeInViewport({ ratio: 1 });
  const [said, button] = [
    await line.boundingBox(),
    await slip.getByRole('button').last().boundingBox(),
  ];
  expect((button?.y ?? 0) - ((said?.y ?? 0) + (said?.height ?? 0))).toBeLessThan(24);
});

test('under the list of keys nothing is recorded, and ? takes it away again', async ({
  page,
  shop,
}) => {
  await open(page, shop, readyToPull('list of keys'));
  await expect(bolt(page)).toHaveText('1');
  await page.keyboard.press('?');
  const list = page.getByRole('dialog', { name: 'Keys and pedal' });
  await expect(list).toBeVisible();
  await page.keyboard.type('45');
  await page.keyboard.press('PageDown');
  await page.keyboard.press('Space');
  await expect(list).toBeVisible();
  await page.keyboard.press('?');
  await expect(list).toHaveCount(0);
  await expect(bolt(page)).toHaveText('1');
  await expect(page.getByTestId('reached')).toHaveValue('');
});

test('an act this device has no room for is said in large words, and not lost', async ({
  page,
  shop,
}) => {
  const address = await open(page, shop, readyToPull('no room'));
  await expect(bolt(page)).toHaveText('1');
  const notKept = page.getByTestId('not-kept');
  await fillDisk(page, true);
  await page.getByTestId('confirm').click();
  await expect(notKept).toContainText('This device has no room left.');
  await expect(notKept).toContainText('Head bolts: bolt 1, stage 1, 45 N·m');
  // Tried again in vain it says so; nothing else can be done meanwhile.
  await press(page, 'Try again');
  await expect(page.getByRole('dialog').getByTestId('refusal')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(notKept).toBeVisible();
  await fillDisk(page, false);
  await press(page, 'Try again');
  await expect(notKept).toHaveCount(0);
  await expect(bolt(page)).toHaveText('2');

  // Straight to the server, with nothing written here.
  await fillDisk(page, true);
  await page.getByTestId('confirm').click();
  await press(page, 'Send it to the server');
  await expect(notKept).toHaveCount(0);
  await expect(bolt(page)).toHaveText('3');
  await fillDisk(page, false);
  await page.getByTestId('confirm').click();
  await expect(bolt(page)).toHaveText('4');

  // Downloaded and put aside it is on the record nowhere, and was not counted.
  await fillDisk(page, true);
  await page.getByTestId('confirm').click();
  const download = page.waitForEvent('download');
  await press(page, 'Download it');
  expect((await download).suggestedFilename()).toBe('cardinex-kept-acts.json');
  await press(page, /^Put aside/);
  await expect(bolt(page)).toHaveText('4');
  await fillDisk(page, false);
  await confirm(page, 1);
  await expect(bolt(page)).toHaveText('5');
  await expect.poll(() => counts(page, address)).toEqual([1, 2, 3, 4]);
});

/** How this device has counted the acts of a job that the server has. */
async function counts(page: Page, address: string): Promise<number[]> {
  const job = address.split('/').at(-1) ?? '';
  return page.evaluate(async (id) => {
    const answer = (await (await fetch(`/api/jobs/${id}`)).json()) as {
      events: { type: string; count: number; data: { pass?: number } }[];
    };
    return answer.events.filter(({ type }) => type === 'bolt.pulled').map(({ count }) => count);
  }, job);
}

test('closed under the app, or cleared, what this device keeps is opened anew and counts on', async ({
  page,
  shop,
}) => {
  const address = await open(page, shop, readyToPull('closed under it'));
  await confirm(page, 2);
  await expect.poll(() => counts(page, address)).toEqual([1, 2]);
  // Another tab opens it at a higher version: this one's is closed.
  await page.evaluate(async () => {
    const [found] = (await indexedDB.databases()).filter(({ name }) =>
      name?.startsWith('cardinex-'),
    );
    await new Promise((done) => {
      const request = indexedDB.open(found?.name ?? '', 99);
      request.onsuccess = () => {
        request.result.close();
        done(null);
      };
    });
  });
  await confirm(page, 1);
  await expect(bolt(page)).toHaveText('4');
  await page.reload();
  await expect(bolt(page)).toHaveText('4');
  await expect.poll(() => counts(page, address)).toEqual([1, 2, 3]);
  // Cleared by the browser: fetched again, and counted on from where it was.
  await page.evaluate(async () => {
    const found = await indexedDB.databases();
    await Promise.all(
      found.map(
        ({ name }) =>
          new Promise((done) => {
            const request = indexedDB.deleteDatabase(name ?? '');
            request.onsuccess = done;
            request.onblocked = done;
          }),
      ),
    );
  });
  await page.reload();
  await expect(bolt(page)).toHaveText('4');
  await confirm(page, 1);
  await expect.poll(() => counts(page, address)).toEqual([1, 2, 3, 4]);
});

test('every place the sheet names is read, and none is read over by itself', async ({
  page,
  shop,
}) => {
  const address = await open(page, shop, onTheStand(tolvane44, 'four places'), 'liners');
  await page.getByTestId('reading').waitFor();
  for (let liner = 1; liner <= 4; liner += 1) {
    const mm = (0.05 + liner / 100).toFixed(2);
    await readings(page, mm, mm);
    await expect(page.getByText('All within', { exact: true })).toHaveCount(0);
    await readings(page, mm, mm);
  }
  await expect(page.getByText('All within', { exact: true })).toBeVisible();
  await expect(page.getByTestId('reading')).toHaveCount(0);
  await page.keyboard.type('0.99');
  await page.keyboard.press('Enter');
  await page.goto(`${address}/readings`);
  await expect(page.getByText('0.99')).toHaveCount(0);
});

test('figures in sentences are in the reader’s own unit, on the card as in the record', async ({
  page,
  shop,
}) => {
  const address = await open(page, shop, readyToPull('in pound feet'));
  await page.getByRole('button', { name: 'N·m: change unit' }).click();
  await expect(page.getByTestId('value')).toContainText('33');
  await page.keyboard.type('33.5 lbf·ft');
  await page.keyboard.press('Enter');
  await expect(bolt(page)).toHaveText('2');
  await page.keyboard.type('45 N·m');
  await page.keyboard.press('Enter');
  await expect(bolt(page)).toHaveText('3');
  await page.keyboard.type('63');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog').getByRole('textbox')).toHaveValue('reached 63 lbf·ft');
  await page.keyboard.press('Escape');
  await page.goto(`${address}/record`);
  await expect(page.getByText('reached 33.5 lbf·ft')).toBeVisible();
  await expect(page.getByText('reached 33.2 lbf·ft')).toBeVisible();
  await expect(page.getByText(/reached .*N·m/)).toHaveCount(0);
});
