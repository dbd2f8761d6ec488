import { chromium, type Page } from '@playwright/test';
import { setHand, signIn, tellJob } from '../e2e/support/shop';
import { giveSlowHands } from '../e2e/support/slowHands';
import { readyToPull } from '../e2e/support/stories';
import { browserArguments } from '../scripts/browser';
import { chromium as chromiumPath } from '../scripts/debian';
import type { ServerProcess } from '../scripts/serverProcess';
import { makeLongJob } from './longJob';
import { median, type Result, type ServerAt } from './result';

const SLOWED = 4;
const LONG_JOBS = [2000, 6000, 20_000] as const;

/** What a mechanic waits for, on a phone-sized page with the processor slowed. */
export async function benchScreen(
  { address }: ServerProcess,
  { database }: ServerAt,
): Promise<Result[]> {
  for (const events of LONG_JOBS) await makeLongJob(address, nameOf(events), events);
  const browser = await chromium.launch({ executablePath: chromiumPath(), args: browserArguments });
  try {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    await giveSlowHands(context);
    const page = await context.newPage();
    // The loader names inner functions with a helper of its own, which a page does not have.
    await page.addInitScript('globalThis.__name = (named) => named');
    await signIn(page, address, 'TR');
    const points: { size: number; value: number }[] = [];
    for (const size of LONG_JOBS) {
      points.push({ size, value: median(await timeOpening(page, address, nameOf(size))) });
    }
    const confirming = await timeConfirms(page, address, await heads(database.DATABASE_URL));
    const confirm = `confirm to next act painted, processor slowed ${SLOWED}×`;
    return [
      {
        what: `${confirm} (median of ${confirming.length})`,
        value: median(confirming),
        unit: 'ms',
        goal: 50,
        limit: 100,
      },
      {
        what: `${confirm} (slowest of ${confirming.length})`,
        value: Math.max(...confirming),
        unit: 'ms',
        limit: 100,
      },
      ...[
        { size: 2000, limit: 100 },
        { size: 20_000, limit: 300 },
      ].map(({ size, limit }) => ({
        what: `job of ${size} events, from the board to its tray and card in use (median of ${OPENINGS})`,
        value: points.find((point) => point.size === size)?.value ?? NaN,
        unit: 'ms',
        limit,
        growth: { of: 'events', points },
      })),
    ];
  } finally {
    await browser.close();
  }
}

/** Heads of thirty pulls each, ready for the first. */
async function heads(databaseUrl: string): Promise<readonly string[]> {
  const jobs = Array.from({ length: 4 }, (_, nth) => readyToPull(`head ${nth + 1}`).end());
  for (const job of jobs) await tellJob(databaseUrl, job);
  return jobs.map(({ id }) => id);
}

const OPENINGS = 7;

const nameOf = (events: number): string => `a job of ${events} events`;

/** Opens the job from the board, each time in a page that has just been loaded. */
async function timeOpening(page: Page, address: string, name: string): Promise<number[]> {
  const times: number[] = [];
  for (let run = 0; run < OPENINGS; run += 1) {
    await page.goto(address);
    await page.getByRole('heading', { name: 'On the stands' }).waitFor();
    await page.waitForTimeout(1500);
    times.push(await openJob(page, name));
  }
  return times;
}

/** Taps the job on the board and waits until its tray and the card in hand can be used. */
function openJob(page: Page, name: string): Promise<number> {
  return page.evaluate(
    (wanted) =>
      new Promise<number>((done) => {
        const links = [...document.querySelectorAll<HTMLElement>('[role=link]')];
        const job = links.find((link) => link.textContent.includes(wanted));
        const begun = performance.now();
        const look = (): void => {
          const usable = document.querySelector('[data-testid=confirm]');
          if (usable) requestAnimationFrame(() => done(performance.now() - begun));
          else requestAnimationFrame(look);
        };
        job?.click();
        look();
      }),
    name,
  );
}

/** From the key to the next bolt on the glass, over whole heads, one after the other. */
async function timeConfirms(page: Page, address: string, jobs: readonly string[]) {
  const times: number[] = [];
  const slow = await page.context().newCDPSession(page);
  for (const job of jobs) {
    await page.goto(`${address}/jobs/${job}/tighten`);
    await page.getByTestId('bolt').waitFor();
    await page.waitForTimeout(SETTLED_MS);
    await slow.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
    while (times.length < CONFIRMS && (await page.getByTestId('bolt').count()) > 0) {
      times.push(await page.evaluate(timeConfirm));
      await page.waitForTimeout(SETTLED_MS);
      await setHand(page);
    }
    await slow.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  }
  return times;
}

const CONFIRMS = 100;
/** By then what follows a pull, its sending and its tone, is over: nobody pulls the next one sooner. */
const SETTLED_MS = 500;

/** In the page: milliseconds by the clock of events, since the hand's own runs ahead. */
function timeConfirm(): Promise<number> {
  return new Promise((done) => {
    const now = (): number => new Event('').timeStamp;
    // The whole act: another stage may begin with the bolt the last one ended with.
    const shown = (): string =>
      ['bolt', 'stage-stop', 'confirm', 'value']
        .map((id) => document.querySelector(`[data-testid=${id}]`)?.textContent ?? '')
        .join();
    const before = shown();
    const begun = now();
    const look = (): void => {
      if (shown() === before) requestAnimationFrame(look);
      // Painted at the frame after the one that shows it.
      else requestAnimationFrame(() => done(now() - begun));
    };
    document.body.dispatchEvent(
      new KeyboardEvent('keydown', { key: 'PageDown', bubbles: true, cancelable: true }),
    );
    requestAnimationFrame(look);
  });
}
