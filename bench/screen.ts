import { chromium, type Page } from '@playwright/test';
import { DEMO_JOB } from '../demo/jobs';
import { signIn } from '../e2e/support/shop';
import { browserArguments } from '../scripts/browser';
import { chromium as chromiumPath } from '../scripts/debian';
import type { ServerProcess } from '../scripts/serverProcess';
import { makeLongJob } from './longJob';
import { median, type Result } from './result';

const SLOWED = 4;
const LONG_JOBS = [2000, 6000, 20_000] as const;

/** What a mechanic waits for, on a phone-sized page with the processor slowed. */
export async function benchScreen({ address }: ServerProcess): Promise<Result[]> {
  for (const events of LONG_JOBS) await makeLongJob(address, nameOf(events), events);
  const browser = await chromium.launch({ executablePath: chromiumPath(), args: browserArguments });
  try {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const page = await context.newPage();
    // The loader names inner functions with a helper of its own, which a page does not have.
    await page.addInitScript('globalThis.__name = (named) => named');
    await signIn(page, address, 'TR');
    const points: { size: number; value: number }[] = [];
    for (const size of LONG_JOBS) {
      points.push({ size, value: median(await timeOpening(page, address, nameOf(size))) });
    }
    const slow = await context.newCDPSession(page);
    await page.goto(`${address}/jobs/${DEMO_JOB.baler}/tighten`);
    await page.getByTestId('bolt').waitFor();
    await slow.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
    const confirming = await timeConfirms(page);
    return [
      {
        what: `confirm to next act painted, processor slowed ${SLOWED}× (median of ${confirming.length})`,
        value: median(confirming),
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

/** From the key to the next bolt on the glass. */
async function timeConfirms(page: Page): Promise<number[]> {
  const times: number[] = [];
  for (let pull = 0; pull < 9; pull += 1) {
    times.push(
      await page.evaluate(
        () =>
          new Promise<number>((done) => {
            const shown = (): string | null | undefined =>
              document.querySelector('[data-testid=bolt]')?.textContent;
            const before = shown();
            const begun = performance.now();
            const look = (): void => {
              if (shown() === before) requestAnimationFrame(look);
              // Painted at the frame after the one that shows it.
              else requestAnimationFrame(() => done(performance.now() - begun));
            };
            document.body.dispatchEvent(
              new KeyboardEvent('keydown', { key: 'PageDown', bubbles: true, cancelable: true }),
            );
            requestAnimationFrame(look);
          }),
      ),
    );
    // Nobody pulls the next bolt sooner; whoever does is asked.
    await page.waitForTimeout(1600);
  }
  return times;
}
