import type { Page } from '@playwright/test';
import { readKey } from '../../core/job/run/runKey';
import { seeded, type Seeded } from '../../core/quantity/seeded';
import { fillDisk } from '../support/disk';
import { expect, signIn, test } from '../support/shop';
import { anotherPhone, hurry } from '../support/slowHands';
import { readyToPull } from '../support/stories';

/**
 * Thumbs, pedal, gloves, a bad disk, no network and two tabs, all at once and at random: what gets onto
 * the record must be what was on the screen when it was pressed, and what the screen shows must be kept.
 * `CARDINEX_SEEDS=40 npm run test:long` for more of it.
 */
const SEEDS = Number(process.env.CARDINEX_SEEDS ?? 6);
const ACTIONS = 160;

/** What was in sight when something was pressed. */
interface Press {
  readonly t: number;
  readonly what: string;
  readonly bolt: string | null;
  readonly stage: string | null;
  readonly dialog: boolean;
  /** What it says could not be written: tried again, it is that which is recorded. */
  readonly unwritten: string | null;
  readonly lookedBack: boolean;
  readonly stop: boolean;
}
type Watched = Window & { presses?: Press[] };

interface Logged {
  readonly id: string;
  readonly type: string;
  readonly device: string;
  readonly data: { readonly key?: string; readonly stage?: string };
}

/** Notes what is in sight at every press, before the app hears of it. */
async function watch(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const seen = ((window as Watched).presses = JSON.parse(
      sessionStorage.getItem('presses') ?? '[]',
    ) as Press[]);
    const textOf = (id: string): string | null =>
      document.querySelector(`[data-testid="${id}"]`)?.textContent ?? null;
    for (const kind of ['pointerdown', 'keydown', 'click']) {
      window.addEventListener(
        kind,
        (event) => {
          const heading = [...document.querySelectorAll('h2, [role=heading]')]
            .map((entry) => entry.textContent)
            .find((text) => /^Stage \d of \d/.test(text));
          seen.push({
            t: Date.now(),
            what: event instanceof KeyboardEvent ? event.key : kind,
            bolt: textOf('bolt'),
            stage: heading?.match(/\d/)?.[0] ?? null,
            dialog: document.querySelector('dialog[open]') !== null,
            unwritten: textOf('not-kept'),
            lookedBack: document.querySelector('[data-testid="lead-back"]') !== null,
            stop: document.querySelector('[data-testid="stage-stop"]') !== null,
          });
          sessionStorage.setItem('presses', JSON.stringify(seen));
        },
        true,
      );
    }
  });
}

const presses = (page: Page): Promise<Press[]> =>
  page.evaluate(() => (window as Watched).presses ?? []);

/** What the card says of where the run stands. */
async function stands(page: Page): Promise<string> {
  const main = page.getByRole('main');
  const title = main.getByText(/^(Stage \d of \d|Stage \d of \d begins|Tightened)$/).first();
  const aside = main.getByText(/^\d+ (done|to sweep), \d+ to go$/);
  return [await title.innerText(), (await aside.count()) > 0 ? await aside.innerText() : ''].join();
}

const KEYS = ['Space', 'Enter', 'PageDown', 'Backspace', 'PageUp', '?', 'Escape', 'Tab', '4', '5'];
const LEADS_AWAY =
  /wrench|what would|turn card|read the sheet|spoken|light|clamp|take (it|one) out/i;

async function doSomething(chance: Seeded, page: Page): Promise<void> {
  const pick = <T>(members: readonly T[]): T =>
    members[Math.floor(chance.even() * members.length)] as T;
  await hurry(page, pick([0, 0, 60, 260, 1600, 2000, 2000]));
  const roll = chance.even();
  const thumb = async (): Promise<void> => {
    // A drumming thumb comes down where the big button is, whatever lies there by now.
    await page.touchscreen.tap(300, 790);
  };
  if (roll < 0.4) return thumb();
  if (roll < 0.52) {
    await thumb();
    return thumb();
  }
  if (roll < 0.82) return page.keyboard.press(pick(KEYS));
  const dialog = page.getByRole('dialog');
  const within = (await dialog.count()) > 0 ? dialog.first() : page.getByRole('main');
  const buttons = await within.getByRole('button').all();
  const button = buttons.length > 0 ? pick(buttons) : null;
  const name = (await button?.innerText().catch(() => '')) ?? '';
  if (button && !LEADS_AWAY.test(name))
    await button.click({ timeout: 1000 }).catch(() => undefined);
}

for (let seed = 1; seed <= SEEDS; seed += 1) {
  test(`rough hands on a run, seed ${seed}`, async ({ browser, shop }) => {
    const chance = seeded(seed);
    const story = readyToPull(`rough ${seed}`);
    const job = story.end();
    await shop.tell(job);
    const address = `${shop.address}/jobs/${job.id}/tighten`;
    const context = await anotherPhone(browser);
    const tabs = [await context.newPage(), await context.newPage()];
    for (const tab of tabs) {
      await watch(tab);
      tab.on('download', () => undefined);
    }
    const [first, second] = tabs as [Page, Page];
    await signIn(first, shop.address);
    for (const tab of tabs) {
      await tab.goto(address);
      await tab.getByTestId('confirm').waitFor();
    }
    let tab = first;
    for (let n = 0; n < ACTIONS; n += 1) {
      const roll = chance.even();
      if (roll < 0.03) await fillDisk(tab, chance.even() < 0.4);
      else if (roll < 0.05) await context.setOffline(chance.even() < 0.4);
      else if (roll < 0.08) {
        tab = tab === first ? second : first;
        await tab.bringToFront();
      } else if (roll < 0.09) {
        await context.setOffline(false);
        await tab.goto(address);
      } else await doSomething(chance, tab);
      await tab.waitForTimeout(chance.even() < 0.5 ? 20 : 250);
      if (new URL(tab.url()).pathname !== new URL(address).pathname) {
        await context.setOffline(false);
        await tab.goto(address);
      }
    }
    await context.setOffline(false);
    for (const page of tabs) {
      await page.bringToFront();
      await fillDisk(page, false);
      if ((await page.getByTestId('not-kept').count()) > 0)
        await page.getByRole('button', { name: 'Try again' }).click();
      await page.keyboard.press('Escape');
      await page.waitForTimeout(400);
      if ((await page.getByTestId('lead-back').count()) > 0)
        await page.getByTestId('lead-back').click();
    }
    // What both tabs show is what another device is shown.
    const other = await anotherPhone(browser);
    const far = await other.newPage();
    await signIn(far, shop.address, 'WH');
    await far.goto(address);
    await expect
      .poll(async () => [await stands(first), await stands(second)])
      .toEqual([await stands(far), await stands(far)]);
    const seen = [...(await presses(first)), ...(await presses(second))].sort((a, b) => a.t - b.t);
    const events = await far.evaluate(async (id) => {
      const answer = (await (await fetch(`/api/jobs/${id}`)).json()) as { events: Logged[] };
      return answer.events;
    }, job.id);
    // An act's time is written to the second; its id bears the millisecond.
    const pressBefore = ({ id }: Logged): Press | undefined =>
      seen.filter(({ t }) => t <= parseInt(id.replace('-', '').slice(0, 12), 16) + 2).at(-1);
    const reported = new Set(job.acts.map(({ id }) => id));
    const own = events.filter(({ id }) => !reported.has(id));
    const wrong = own.filter((event) => {
      const press = pressBefore(event);
      if (!press) return true;
      const { key } = event.data;
      const isPull = event.type === 'bolt.pulled' && key !== undefined;
      if (event.type === 'stage.set') return !press.stop;
      if (!isPull) return false;
      const { stage, fastener } = readKey(key);
      const [bolt, at] = [fastener.slice(1), stage.at(-1)];
      if (press.unwritten !== null) return !press.unwritten.includes(`bolt ${bolt}, stage ${at}`);
      return press.bolt !== bolt || press.stage !== at || press.lookedBack || press.dialog;
    });
    console.log(`seed ${seed}: ${own.length} acts from ${seen.length} presses`);
    expect(wrong.map((event) => ({ event, press: pressBefore(event) }))).toEqual([]);
    await other.close();
    await context.close();
  });
}
