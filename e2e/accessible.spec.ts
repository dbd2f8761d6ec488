import { inaccessible, violations } from './support/accessible';
import { lookForCutText } from './support/cutText';
import { MAIN, SCREENS, SLIPS, openScreen } from './support/screens';
import { expect, signIn, test } from './support/shop';
import { lookForSmallTargets } from './support/smallTargets';

/** Some five dozen screens, each looked at whole: as long as a busy machine needs. */
const PATIENCE_MS = 900_000;

test('every screen is accessible in each theme', async ({ page, shop }) => {
  test.setTimeout(PATIENCE_MS);
  await signIn(page, shop.address);
  const faults: unknown[] = [];
  for (const [name] of SCREENS) {
    await openScreen(page, shop.address, name);
    faults.push(...(await inaccessible(page)).map((fault) => [name, ...fault]));
  }
  expect(faults).toEqual([]);
});

test('a slip over a screen takes the focus, is accessible in each theme, and goes away', async ({
  page,
  shop,
}) => {
  test.setTimeout(PATIENCE_MS);
  await signIn(page, shop.address);
  const faults: unknown[] = [];
  for (const [name, pressed] of SLIPS) {
    await openScreen(page, shop.address, name);
    await page.getByRole('button', { name: pressed }).first().click();
    const slip = page.getByRole('dialog');
    await expect(slip).toBeFocused();
    const found = [...(await inaccessible(page)), ...(await page.evaluate(lookForSmallTargets))];
    faults.push(...found.map((fault) => [name, 'slip', ...fault]));
    await page.keyboard.press('Escape');
    await expect(slip).toHaveCount(0);
  }
  expect(faults).toEqual([]);
});

test.describe('wide', () => {
  test.use({ viewport: { width: 1280, height: 800 }, hasTouch: false });

  test('the main screens are accessible and fit', async ({ page, shop }) => {
    test.setTimeout(PATIENCE_MS);
    await signIn(page, shop.address);
    const faults: unknown[] = [];
    for (const name of MAIN) {
      await openScreen(page, shop.address, name);
      const found = await violations(page);
      found.push(...(await page.evaluate(lookForCutText)));
      faults.push(...found.map((fault) => [name, ...fault]));
    }
    expect(faults).toEqual([]);
  });
});
