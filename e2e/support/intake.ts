import type { Page } from '@playwright/test';
import { LOOK_PARTS } from '../../core/job/cards/inspect/checks';
import { fill, press, typeCount } from './hands';
import { expect } from './shop';

/** What opening a job asks besides its engine's own questions. */
interface Opening {
  readonly sheet: string;
  readonly name: string;
  readonly serial: string;
  readonly why: string;
  readonly because: string;
  readonly scope: string;
  /** Which head or which cylinder. */
  readonly only?: string;
  readonly end: string;
}

/** Puts an engine on a stand through the screens, and ends on its tray. */
export async function openJob(page: Page, address: string, job: Opening): Promise<string> {
  await page.goto(`${address}/jobs/new?sheet=${job.sheet}`);
  await fill(page, 'What you call it', job.name);
  await fill(page, 'Serial number', job.serial);
  await fill(page, 'Why it is here', job.why);
  await press(page, job.because);
  await press(page, job.scope);
  if (job.only)
    await page
      .getByRole('group', { name: /^Which (head|cylinder)/ })
      .getByText(job.only, { exact: true })
      .click();
  await press(page, job.end);
  await press(page, 'Open the job');
  await expect(page.getByRole('link', { name: /Make it dead/ })).toBeVisible();
  return page.url();
}

/** Presses the expected answer until there is none left, each once the screen shows another act. */
export async function pressThrough(page: Page, shows: string, most = 400): Promise<void> {
  const confirm = page.getByTestId('confirm');
  const act = page.getByTestId(shows);
  await act.waitFor();
  // A check whose last step is said goes on to the next by itself: that one is not pressed through.
  const at = page.url();
  const isAsked = async (): Promise<boolean> =>
    page.url() === at && (await confirm.isVisible()) && (await act.isVisible());
  for (let n = 0; n < most; n += 1) {
    if (!(await isAsked())) {
      // Through only when nothing comes after a moment: a card takes one to turn to its next act.
      await page.waitForTimeout(300);
      if (!(await isAsked())) return;
    }
    const before = await page.getByRole('main').innerText();
    await typeCount(page);
    await confirm.click();
    await expect
      .poll(() => page.getByRole('main').innerText(), { intervals: [20, 30, 50, 100] })
      .not.toBe(before);
  }
  throw new Error(`still at ${await act.innerText()} after ${most} presses`);
}

/** Makes the engine dead, item by item. */
export async function makeDead(page: Page, job: string): Promise<void> {
  await page.goto(`${job}/dead`);
  await pressThrough(page, 'act');
  await expect(page.getByText('Dead. Nothing turns it but you.').first()).toBeVisible();
}

/** Leaves cards out with a reason, so that a job can begin where a test is about. */
export async function leaveOut(page: Page, job: string, ...cards: string[]): Promise<void> {
  for (const card of cards) {
    await page.goto(`${job}/${card}`);
    await press(page, 'Leave this card out');
    // Asked for in the middle of a card, it still lies over the whole screen.
    await expect(page.getByRole('dialog').getByRole('textbox')).toBeInViewport({ ratio: 1 });
    await page.getByRole('dialog').getByRole('textbox').fill('Done by its owner.');
    await press(page, 'Leave it out');
    await expect(page.getByRole('dialog')).toHaveCount(0);
  }
}

/** A job with its engine dead and everything before the liners left out. */
export async function straightToWork(page: Page, job: string): Promise<void> {
  await makeDead(page, job);
  await leaveOut(page, job, 'mark', 'strip', 'parts', 'inspect', 'fit');
  await page.goto(job);
}

/** Opens a check and types its readings, each kept before the next. */
export async function readCheck(
  page: Page,
  job: string,
  check: string,
  values: readonly string[],
): Promise<void> {
  await page.goto(`${job}/inspect?check=${encodeURIComponent(check)}`);
  await page.getByTestId('reading').waitFor();
  for (const value of values) {
    await page.getByTestId('reading').fill(value);
    await page.keyboard.press('Enter');
    await page.waitForFunction(
      () =>
        (document.querySelector<HTMLInputElement>('[data-testid=reading]')?.value ?? '') === '' ||
        document.querySelector('[data-testid=far]') !== null,
    );
    // A reading far from its fellows is asked about: whoever typed it answers.
    if (await page.getByTestId('far').isVisible()) return;
  }
}

/** Keeps a reading that lies far from its fellows, and waits until it is kept. */
export async function keepFar(page: Page): Promise<void> {
  await press(page, 'It is so: keep it');
  await expect(page.getByTestId('far')).toHaveCount(0);
}

/** Ticks every hole at every step, or looks everything over and finds it good. */
export async function findGood(page: Page, job: string, check: string): Promise<void> {
  await page.goto(`${job}/inspect?check=${encodeURIComponent(check)}`);
  await page.getByTestId('act').waitFor();
  await pressThrough(page, 'act');
}

/** Looks over head, block and valve gear, and finds all of it good. */
export async function lookOver(page: Page, job: string): Promise<void> {
  for (const part of LOOK_PARTS) await findGood(page, job, `look/${part}`);
}

/** Decides what is done about something that is out. */
export async function decide(page: Page, button: RegExp, why: string): Promise<void> {
  await page.getByTestId('findings').getByRole('button', { name: button }).first().click();
  const slip = page.getByRole('dialog');
  await slip.getByRole('textbox').fill(why);
  await slip.getByRole('button').last().click();
  await expect(slip).toHaveCount(0);
}
