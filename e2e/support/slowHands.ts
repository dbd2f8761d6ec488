import type { Browser, BrowserContext, Page } from '@playwright/test';

/** By how much a press moves the clock that presses are held against. */
const SLOW_MS = 2000;

type Hands = Window & { handMs?: number };

/**
 * Gives a browser the hands of a person: each press comes two seconds after the last by the clock that
 * the app holds presses against, however fast the test makes them.
 */
export async function giveSlowHands(context: BrowserContext): Promise<void> {
  await context.addInitScript((slowMs) => {
    const real = performance.now.bind(performance);
    let ahead = 0;
    performance.now = () => real() + ahead;
    // No function in here may have a name: the pictures' script would wrap it in a helper the page lacks.
    for (const kind of ['pointerdown', 'keydown']) {
      window.addEventListener(
        kind,
        (event) => {
          if (!(event as KeyboardEvent).repeat) ahead += (window as Hands).handMs ?? slowMs;
        },
        true,
      );
    }
  }, SLOW_MS);
}

/** From here on a press comes so many milliseconds after the last, beside what passes anyway. */
export async function hurry(page: Page, byMs: number): Promise<void> {
  await page.evaluate((ms) => {
    (window as Hands).handMs = ms;
  }, byMs);
}

/** A second phone, in the hands of a second person. */
export async function anotherPhone(browser: Browser, wide = false): Promise<BrowserContext> {
  const viewport = wide ? { width: 1280, height: 800 } : { width: 390, height: 844 };
  const context = await browser.newContext({ viewport, hasTouch: !wide });
  await giveSlowHands(context);
  return context;
}
