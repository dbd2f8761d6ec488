import type { Page } from '@playwright/test';
import { inaccessible, violations } from './support/accessible';
import { lookForCutText } from './support/cutText';
import { MAIN, SCREENS, SLIPS, openScreen } from './support/screens';
import { expect, signIn, test } from './support/shop';
import { lookForSmallTargets } from './support/smallTargets';

const PHONE = { width: 390, height: 844 };
const SMALL_PHONE = { width: 320, height: 640 };
const LARGE_LETTERS = 'html { font-size: 200% }';

/** Where the bar of every screen stands on a phone. */
const BAR = { top: 748, height: 84 };

/** Some five dozen screens, each looked at whole: as long as a busy machine needs. */
const PATIENCE_MS = 900_000;

test('every screen has a name and its bar in the same place, is accessible in each theme, has nothing too small for a glove; nothing is cut off on a small phone or in large letters', async ({
  page,
  shop,
}) => {
  test.setTimeout(PATIENCE_MS);
  await signIn(page, shop.address);
  const faults: unknown[] = [];
  for (const [name] of SCREENS) {
    const note = (...fault: readonly unknown[]): void =>
      void faults.push([name, ...fault.map((part) => JSON.stringify(part))].join(' '));
    await page.setViewportSize(PHONE);
    await openScreen(page, shop.address, name);
    const title = await page.title();
    if (!/^.+ · Cardinex$/.test(title)) note('has no name', title);
    (await page.evaluate(lookForSmallTargets)).forEach((fault) => note(...fault));
    (await drawingNames(page))
      .filter(isInParts)
      .forEach((said) => note('a drawing is named in part', said));
    const bar = await barOf(page);
    if (bar.some(({ top, height }) => top !== BAR.top || height !== BAR.height) || bar.length === 0)
      note('its bar is elsewhere', bar);
    (await inaccessible(page)).forEach((fault) => note(...fault));
    await page.setViewportSize(SMALL_PHONE);
    (await page.evaluate(lookForCutText)).forEach((fault) => note('320 px', ...fault));
    await page.setViewportSize(PHONE);
    const large = await page.addStyleTag({ content: LARGE_LETTERS });
    (await page.evaluate(lookForCutText)).forEach((fault) => note('200 %', ...fault));
    await large.evaluate((style) => style.parentNode?.removeChild(style));
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
      const found = [...(await violations(page)), ...(await page.evaluate(lookForCutText))];
      faults.push(...found.map((fault) => [name, ...fault]));
    }
    expect(faults).toEqual([]);
  });
});

/** What is read out in place of each drawing. */
function drawingNames(page: Page): Promise<readonly string[]> {
  return page.evaluate(() =>
    [...document.querySelectorAll('[role=main] [role=img]')].map(
      (drawing) => drawing.getAttribute('aria-label') ?? '',
    ),
  );
}

/** Does a sentence lack a figure or a name that it was to hold? */
function isInParts(sentence: string): boolean {
  return !/^\S.*\S$/.test(sentence) || / {2}| [.,;]|: ?[.;]|\?|undefined|null/.test(sentence);
}

/** The buttons at the foot of the screen, below what scrolls. */
function barOf(page: Page): Promise<readonly { readonly top: number; readonly height: number }[]> {
  return page.evaluate(() => {
    const scroll = document.querySelector('#screen-scroll');
    const foot = scroll?.getBoundingClientRect().bottom ?? 0;
    return [...document.querySelectorAll('[role=main] [role=button]')]
      .filter((button) => !scroll?.contains(button))
      .map((button) => button.getBoundingClientRect())
      .filter(({ top }) => top >= foot)
      .map(({ top, height }) => ({ top, height }));
  });
}
