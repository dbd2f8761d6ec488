import type { Page } from '@playwright/test';
import { DEMO_JOB } from '../demo/jobs';
import { press } from './support/hands';
import { pressThrough } from './support/intake';
import { expect, setHand, signIn, test, unfoldTray } from './support/shop';

/*
 * The weir dredger's engine put together from bores to gasket, by someone with a phone, through the
 * screens: a liner out of order and one that tilts, a cap that binds, a tight ring, a heavy piston; the
 * network cut on the way.
 */

/** Types readings one after the other, each kept before the next. */
async function type(page: Page, ...values: string[]): Promise<void> {
  const field = page.getByTestId('reading');
  for (const value of values) {
    await field.waitFor();
    await field.fill(value);
    await page.keyboard.press('Enter');
    await page.waitForFunction(
      () => (document.querySelector<HTMLInputElement>('[data-testid=reading]')?.value ?? '') === '',
    );
  }
}

/** The same where something stands already: it is asked whether that is meant. */
async function retype(page: Page, value: string): Promise<void> {
  await page.getByTestId('reading').fill(value);
  await page.keyboard.press('Enter');
  await press(page, 'Replace it');
  await expect(page.getByTestId('stands')).toHaveCount(0);
}

/** The expected answer. */
function yes(page: Page): Promise<void> {
  return page.getByTestId('confirm').click();
}

test('an engine put together from bores to gasket', async ({ page, shop, context }) => {
  test.setTimeout(420_000);
  await signIn(page, shop.address);
  const job = `${shop.address}/jobs/${DEMO_JOB.dredger}`;
  const check = (card: string, id: string): Promise<unknown> =>
    page.goto(`${job}/${card}?check=${encodeURIComponent(id)}`);
  const begin = async (wrench: RegExp): Promise<void> => {
    await press(page, 'All in place');
    await press(page, 'It is on');
    await press(page, wrench);
    await press(page, 'Begin pulling');
    await expect(page.getByRole('button', { name: 'Begin pulling' })).toHaveCount(0);
  };
  const pull = async (bolts: number): Promise<void> => {
    for (let n = 0; n < bolts; n += 1) {
      const before = await page.getByRole('main').innerText();
      await yes(page);
      await expect.poll(() => page.getByRole('main').innerText()).not.toBe(before);
    }
  };
  /** Pulls and turns as the card asks, until nothing is left of the run. */
  const pullAll = async (): Promise<void> => {
    const open = page.getByTestId('bolt').or(page.getByTestId('act'));
    // Closed, or the next cap to be got ready for.
    const closed = page
      .getByText(/^Stage \d is closed/)
      .or(page.getByRole('button', { name: 'Begin pulling' }));
    for (let n = 0; n < 100; n += 1) {
      await open.or(closed).or(page.getByTestId('stage-stop')).first().waitFor();
      if (await closed.first().isVisible()) return;
      await setHand(page);
      await pull(1);
    }
  };
  const tickAll = async (card: string, id: string): Promise<void> => {
    await check(card, id);
    await pressThrough(page, 'act');
  };

  await test.step('liners change places, are marked, sealed, and the one that tilts is found', async () => {
    await page.goto(`${job}/liners?part=place`);
    await expect(page.getByTestId('result')).toContainText('0.075 mm over its limits');
    await expect(page.getByTestId('result')).toContainText('Liner 3 to bore 2 and 2 to bore 3.');
    await expect(
      page.getByRole('img', { name: /Best: bore 1 liner 1 0\.06, bore 2 liner 3 0\.08/ }),
    ).toBeVisible();
    await yes(page);
    await expect(page.getByTestId('remark')).toContainText('still carry the mark');
    await expect(page.getByText(/a trial fit/)).toBeVisible();
    await press(page, 'Bore 2: now marked L 2');
    await press(page, 'Bore 3: now marked L 3');
    await expect(page.getByTestId('remark')).toHaveCount(0);
    await page.goto(`${job}/liners?part=seals`);
    await press(page, 'Old ones out: one fewer');
    await yes(page);
    await expect(page.getByText('an old one is still in its groove: find it')).toBeVisible();
    // Found: counted again, and it comes right.
    await page.getByRole('button', { name: /^Liner 1/ }).click();
    await pressThrough(page, 'act');
    await page.goto(`${job}/liners`);
    await expect(page.getByText(/a trial fit/)).toHaveCount(0);
    await type(page, '0.06', '0.06', '0.06', '0.06', '0.08', '0.08', '0.08', '0.08');
    await type(page, '0.07', '0.12', '0.09', '0.10', '0.11', '0.11', '0.11', '0.11');
    await expect(page.getByTestId('finding')).toContainText('Lift liner 3 first: it tilts');
    await page
      .getByRole('img', { name: /Block seen from above/ })
      .getByText('3', { exact: true })
      .click();
    await retype(page, '0.10');
    await page
      .getByRole('img', { name: /Block seen from above/ })
      .getByText('3', { exact: true })
      .click();
    await page
      .getByRole('button', { name: /flywheel side/ })
      .first()
      .click();
    await retype(page, '0.10');
    await expect(page.getByTestId('finding')).toContainText('All 4 liners are within');
    await yes(page);
    await expect(page.getByText('Liners accepted', { exact: true })).toBeVisible();
  });

  await test.step('shells by their places, then caps: one binds and comes off again', async () => {
    for (const id of ['shells/mains', 'thrust/mains', 'shells/big-ends'])
      await tickAll('shells', id);
    // By strip: the clearance itself, one reading to a bearing.
    for (const [id, bearings] of [
      ['clearances/mains', 5],
      ['clearances/big-ends', 4],
    ] as const) {
      await check('shells', id);
      await press(page, 'The clearance itself');
      await type(page, ...Array.from({ length: bearings }, () => '0.07'));
    }
    await page.goto(`${job}/tighten?set=main-caps`);
    await begin(/^Wrench 5/);
    await pull(2);
    await expect(page.getByTestId('act')).toHaveText('Turn the crank by hand');
    await yes(page);
    await pull(2);
    await expect(page.getByTestId('act')).toHaveText('Turn the crank by hand');
    await press(page, 'It binds');
    const slip = page.getByRole('dialog');
    await expect(slip).toContainText('the cap of another bearing or turned round');
    await slip.getByRole('textbox').fill('Stiff all round; cap 2 was turned round.');
    await slip.getByRole('button', { name: 'It binds' }).click();
    await expect(slip).toHaveCount(0);
    await page.goto(job);
    await expect(page.getByRole('link', { name: /Main cap bolts.*bolt 3 is next/ })).toBeVisible();
    await page.goto(`${job}/tighten?set=main-caps`);
    await pullAll();
  });

  await test.step('the crank turns freely; its float, camshaft and tappets', async () => {
    await check('crank', 'end-float/mains');
    await type(page, '0', '0.2');
    await expect(page.getByTestId('findings')).toContainText('End float 0.20 mm: within.');
    await tickAll('crank', 'camshaft');
    await tickAll('crank', 'tappets');
  });

  await test.step('a tight ring and a heavy piston, with no network', async () => {
    await context.setOffline(true);
    await page.goto(`${job}/pistons`);
    await page.getByTestId('check').filter({ hasText: 'Ring end gaps' }).click();
    await type(page, '0.40', '0.42', '0.40', '0.28', '0.42');
    await expect(page.getByTestId('findings')).toContainText(
      /Gap 0\.272 mm at the tightest place, under 0\.35 mm: file off 0\.078 mm at least/,
    );
    await type(page, ...Array.from({ length: 7 }, () => '0.42'));
    // Filed, and measured again: nothing is decided about it, it has come right.
    await page.getByRole('button', { name: 'Whole table' }).click();
    await page.getByRole('button', { name: /Cylinder 2, Top ring: 0\.28/ }).click();
    await retype(page, '0.40');
    await expect(page.getByTestId('findings')).not.toContainText('file off');
    await check('pistons', 'side-clearances');
    await type(page, ...Array.from({ length: 8 }, () => '0.10'));
    await check('pistons', 'masses');
    await type(page, '902', '904', '915', '903');
    await expect(page.getByTestId('findings')).toContainText(
      'Spread 13 g, piston 1 lightest, piston 3 heaviest: 5 g too much. Change piston 3',
    );
    await page.getByRole('button', { name: /Piston 3/ }).click();
    await retype(page, '905');
    await expect(page.getByTestId('findings')).toContainText('within.');
    await expect(page.getByTestId('kept-here')).toContainText('Kept on this device');
    await context.setOffline(false);
  });

  await test.step('each piston the right way, its gaps set, and the crank where it cannot be struck', async () => {
    await check('pistons', 'on-rod');
    await expect(page.getByRole('img', { name: /Arrow towards the fan end/ })).toBeVisible();
    await pressThrough(page, 'act');
    await check('pistons', 'rings-on');
    // Which ring lies in which groove is said of all at once; where their gaps lie, of each.
    await expect(page.getByTestId('act')).toHaveText('Order right');
    await yes(page);
    await expect(
      page.getByRole('img', { name: /Crown from above, fan end at the top.*Top ring 30°/ }),
    ).toBeVisible();
    await pressThrough(page, 'act');
    await check('pistons', 'in-bore');
    await expect(page.getByText(/its throw at the bottom, 180° after cylinder 1/)).toBeVisible();
    // Each rod's cap is pulled, and the crank turned after it, before the next piston goes in.
    for (let piston = 1; piston <= 4; piston += 1) {
      await pull(4);
      await begin(/^Wrench 3/);
      for (let bolt = 1; bolt <= 4; bolt += 1) {
        await setHand(page);
        await pull(1);
      }
      // Once the first is in, the liners it would lift hold the crank until they are held down.
      if (piston === 1) await press(page, 'Liners are clamped');
      await pull(1);
    }
    await expect(page.getByText('16 of 16')).toBeVisible();
  });

  await test.step('timing, stand-out, and the gasket it asks for', async () => {
    // The camshaft is in the block: its timing is set before the head goes on.
    await page.goto(`${job}/timing`);
    await press(page, 'Dead, and all clear');
    for (const sentence of [
      'One dot of the crank gear',
      'One dot of the cam gear',
      'Two turns by hand',
      'Cylinder 1 at the top again',
    ]) {
      await expect(page.getByTestId('act')).toContainText(sentence);
      await page.getByTestId('confirm').click();
    }
    await expect(page.getByTestId('act')).toHaveText('Timing set and proved.');
    await check('stand-out', 'rod-floats');
    await type(page, '0.25', '0.25', '0.3', '0.25');
    await check('stand-out', 'stand-outs');
    await type(page, '0.50', '0.52', '0.50', '0.50', '0.53', '0.55', '0.48', '0.50');
    await page.goto(`${job}/stand-out`);
    await expect(page.getByTestId('gasket')).toContainText(
      'Gasket two holes, 1.30 mm: for 0.54 mm.',
    );
    await expect(page.getByTestId('gasket')).toContainText(/three holes: compression 1\d\.\d:1/);
    await press(page, 'Take gasket two holes');
    await expect(page.getByText('Gasket two holes', { exact: true })).toBeVisible();
    await page.goto(job);
    await unfoldTray(page);
    await expect(page.getByRole('link', { name: /Stand-out Done/ })).toBeVisible();
  });
});

test('pistons that do not match across the case change places, on an aircraft engine', async ({
  page,
  shop,
}) => {
  await signIn(page, shop.address);
  const job = `${shop.address}/jobs/${DEMO_JOB.aeroplane}`;
  await page.goto(`${job}/pistons`);
  await expect(page.getByTestId('check').filter({ hasText: 'Pistons weighed' })).toContainText(
    '1 out',
  );
  await page.getByTestId('check').filter({ hasText: 'Pistons weighed' }).click();
  await expect(page.getByTestId('findings')).toContainText(
    'Opposite pistons: 1 against 2 differ by 21 g: too much. Opposite each other: piston 1 with piston 3 (7 g)',
  );
  // Piston 3 goes to cylinder 2 and piston 2 to cylinder 3: weighed so, they match.
  await page.getByRole('button', { name: /Piston 2/ }).click();
  await retype(page, '1215');
  await page.getByRole('button', { name: /Piston 3/ }).click();
  await page.getByTestId('reading').fill('heavy');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('A mass is digits');
  await retype(page, '1229');
  await expect(page.getByTestId('findings')).toContainText('Within.');
  await page.goto(`${job}/pistons?check=rings-on`);
  await yes(page);
  await expect(
    page.getByRole('img', { name: /propeller end at the top.*Top ring 45°, Second ring 225°/ }),
  ).toBeVisible();
});
