import type { Page } from '@playwright/test';
import { lookForCutText } from './support/cutText';
import { SCREENS, openScreen } from './support/screens';
import { expect, signIn, test } from './support/shop';
import { lookForSmallTargets } from './support/smallTargets';

const PHONE = { width: 390, height: 844 };
const SMALL_PHONE = { width: 320, height: 640 };
const LARGE_LETTERS = 'html { font-size: 200% }';

/** Where the bar of every screen stands on a phone. */
const BAR = { top: 748, height: 84 };

test('every screen has a name, its bar in the same place and nothing too small for a glove; nothing is cut off on a small phone or in large letters', async ({
  page,
  shop,
}) => {
  test.setTimeout(900_000);
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
    await page.setViewportSize(SMALL_PHONE);
    (await page.evaluate(lookForCutText)).forEach((fault) => note('320 px', ...fault));
    await page.setViewportSize(PHONE);
    await page.addStyleTag({ content: LARGE_LETTERS });
    (await page.evaluate(lookForCutText)).forEach((fault) => note('200 %', ...fault));
  }
  expect(faults).toEqual([]);
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
