import { expect, test as base, type Page } from '@playwright/test';
import { freePort } from '../../scripts/postgres';
import {
  startServerProcess,
  stopServerProcess,
  type ServerProcess,
} from '../../scripts/serverProcess';
import { newDemoDatabase } from '../../scripts/testDatabase';
import { crewMember, lockside, type DemoShop } from '../../demo/shops';
import type { DemoJob } from '../../demo/storyteller';
import { connect } from '../../server/database/connection';
import { defineModels } from '../../server/database/models';
import { JobCache } from '../../server/jobs/jobCache';
import { appendStory } from '../../server/seed';
import { giveSlowHands } from './slowHands';

/** A running copy of Cardinex whose server can be killed and started again on the same port. */
export class ShopServer {
  private constructor(
    readonly address: string,
    private readonly env: Record<string, string | undefined>,
    private process: ServerProcess,
  ) {}

  static async open(): Promise<ShopServer> {
    const env = {
      ...(await newDemoDatabase()),
      PORT: String(await freePort()),
      CARDINEX_APP: process.env.CARDINEX_APP,
      LOG_LEVEL: 'error',
    };
    const running = await startServerProcess(env);
    return new ShopServer(running.address, env, running);
  }

  /** As a power cut would: no goodbye. */
  async kill(): Promise<void> {
    const ended = new Promise((done) => this.process.child.once('exit', done));
    this.process.child.kill('SIGKILL');
    await ended;
  }

  async startAgain(): Promise<void> {
    this.process = await startServerProcess(this.env);
  }

  /** Puts a job of the demo shop onto the board, told act by act. */
  tell(job: DemoJob): Promise<void> {
    return tellJob(this.env.DATABASE_URL ?? '', job);
  }

  close(): Promise<void> {
    return stopServerProcess(this.process);
  }
}

/** Puts a job into a shop's database, told act by act. */
export async function tellJob(databaseUrl: string, job: DemoJob): Promise<void> {
  const sequelize = connect(databaseUrl);
  defineModels(sequelize);
  await appendStory(new JobCache(), job);
  await sequelize.close();
}

/** Each spec file's worker has a server of its own, freshly seeded. */
export const test = base.extend<object, { shop: ShopServer }>({
  context: async ({ context }, give) => {
    await giveSlowHands(context);
    await give(context);
  },
  shop: [
    // eslint-disable-next-line no-empty-pattern -- the runner reads the pattern for what a fixture needs
    async ({}, use) => {
      const shop = await ShopServer.open();
      await use(shop);
      await shop.close();
    },
    { scope: 'worker' },
  ],
});

export { expect } from '@playwright/test';

/** Signs someone in through the screen, on a device the shop may not know yet, and waits for the board. */
export async function signIn(
  page: Page,
  address: string,
  initials = 'TR',
  shop: DemoShop = lockside,
): Promise<void> {
  const member = crewMember(shop, initials);
  await page.goto(address);
  await page.getByRole('button', { name: shop.name }).click();
  await page.getByLabel('Your name or initials').fill(member.initials);
  await page.getByLabel('PIN or passphrase').fill(member.secret);
  await page.keyboard.press('Enter');
  await page.getByRole('heading', { name: 'On the stands' }).waitFor();
}

/** The whole tray of a job: what is ahead and what is done is folded away on a phone. */
export async function unfoldTray(page: Page): Promise<void> {
  const unfold = page.getByTestId('unfold');
  if ((await unfold.getAttribute('aria-expanded')) !== 'true') await unfold.click();
}

/** Types a reading as a gauge would: digits and Enter, wherever the focus is. */
export async function readings(page: Page, ...values: string[]): Promise<void> {
  for (const value of values) {
    await page.getByTestId('reading').waitFor();
    await page.keyboard.type(value);
    await page.keyboard.press('Enter');
    await page.waitForFunction(
      () =>
        document.querySelector<HTMLInputElement>('[data-testid=reading]')?.value === '' ||
        !document.querySelector('[data-testid=reading]'),
    );
  }
}

/**
 * Confirms acts with a key, each once the last is written down. Where the hand is stopped between two
 * stages, it sets what it is asked to, which is not counted.
 */
export async function confirm(page: Page, times: number, key = 'Space'): Promise<void> {
  for (let n = 0; n < times; n += 1) {
    await setHand(page);
    const before = await page.getByRole('main').innerText();
    await page.keyboard.press(key);
    await page.waitForTimeout(WRITTEN_MS);
    await changedFrom(page, before);
  }
  await setHand(page);
}

/** Sets the hand for the next stage, if it is stopped for that. */
export async function setHand(page: Page): Promise<void> {
  const stop = page.getByTestId('stage-stop');
  if ((await stop.count()) === 0) return;
  await page.getByTestId('confirm').click();
  await expect(stop).toHaveCount(0);
}

/** By then an act is on the disk and the next one on the glass, unless the machine is busy. */
const WRITTEN_MS = 150;

/** Waits for a busy machine to show what a press came to; some presses come to nothing. */
async function changedFrom(page: Page, before: string): Promise<void> {
  const main = page.getByRole('main');
  for (let waits = 0; waits < 10 && (await main.innerText()) === before; waits += 1)
    await page.waitForTimeout(100);
}
