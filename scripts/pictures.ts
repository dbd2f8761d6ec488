import { mkdirSync, readdirSync, rmSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium, type Browser, type Page } from '@playwright/test';
import { DEMO_JOB } from '../demo/jobs';
import { readings, signIn } from '../e2e/support/shop';
import { giveSlowHands } from '../e2e/support/slowHands';
import { browserArguments } from './browser';
import { chromium as chromiumPath } from './debian';
import { appFolder, exportApp } from './exportApp';
import { startPostgres } from './postgres';
import { prepareDatabase } from './prepareDatabase';
import { scratchFolder } from './scratch';
import { startServerProcess, stopServerProcess } from './serverProcess';

/**
 * Takes the pictures in docs/screenshots from the demo data, each main view once. `npm run pictures`
 * takes them all; names after it only those.
 */
const folder = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '../docs/screenshots');
const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };

interface Picture {
  readonly name: string;
  readonly theme?: 'day' | 'lamp' | 'glare';
  readonly size?: typeof PHONE;
  readonly path: string;
  /** Brings the view to where it is worth a picture. */
  readonly then?: (page: Page) => Promise<void>;
}

const job = (id: string, card = ''): string => `/jobs/${id}/${card}`;

const PICTURES: readonly Picture[] = [
  { name: 'board', path: '/' },
  { name: 'board-wide', size: WIDE, path: '/' },
  { name: 'tray', path: job(DEMO_JOB.sawBench) },
  { name: 'tray-wide', size: WIDE, path: job(DEMO_JOB.harbourTug) },
  { name: 'strip', path: job(DEMO_JOB.gravelHoist, 'strip') },
  { name: 'bearings', path: job(DEMO_JOB.southFerry, 'bearings') },
  { name: 'fit', path: `${job(DEMO_JOB.harbourTug, 'fit')}?set=exhaust-manifold` },
  { name: 'parts', path: job(DEMO_JOB.sawBench, 'parts') },
  {
    name: 'inspect-glare',
    theme: 'glare',
    path: `${job(DEMO_JOB.sawBench, 'inspect')}?check=flatness%2Fhead%2F1`,
  },
  {
    name: 'place-liners',
    path: `${job(DEMO_JOB.dredger, 'liners')}?part=place`,
    then: (page) => page.getByTestId('result').waitFor(),
  },
  { name: 'tighten', path: job(DEMO_JOB.baler, 'tighten'), then: sweep },
  { name: 'head-on', path: `${job(DEMO_JOB.cider, 'tighten')}?set=head` },
  {
    name: 'what-if-lamp',
    theme: 'lamp',
    path: `${job(DEMO_JOB.baler, 'what-if')}?set=head`,
    then: (page) => page.getByTestId('plan-b').waitFor(),
  },
  { name: 'tighten-wide', size: WIDE, path: job(DEMO_JOB.baler, 'tighten') },
  { name: 'valves', path: job(DEMO_JOB.creamery, 'valves'), then: firstGap },
  { name: 'record', path: job(DEMO_JOB.ferryWinch, 'record') },
  {
    name: 'assembly',
    path: '/sheets/castry-v8m',
    then: async (page) => {
      const together = page.getByRole('group', { name: 'How it goes together' }).last();
      await together.getByText('Head', { exact: true }).click();
      await together.evaluate((group) => group.scrollIntoView({ block: 'start' }));
    },
  },
  {
    name: 'sheet-entry',
    path: '/sheets/tolvane-44',
    then: async (page) => {
      await page.getByRole('button', { name: 'Copy as a new sheet' }).click();
      await page.waitForURL(/draft/);
      await page.getByRole('button', { name: /^Firing order/ }).click();
      await page.getByRole('textbox', { name: 'Order' }).fill('1 3 4 4');
    },
  },
  { name: 'crib', path: '/tools' },
];

async function sweep(page: Page): Promise<void> {
  for (let bolt = 0; bolt < 6; bolt += 1) {
    await page.getByTestId('confirm').click();
    await page.waitForTimeout(200);
  }
}

async function firstGap(page: Page): Promise<void> {
  await page.getByTestId('confirm').click();
  await page.getByTestId('valve').waitFor();
  await readings(page, '0.60');
}

const wanted = process.argv.slice(2);
const postgres = await startPostgres(path.join(scratchFolder('pictures'), 'data'), {
  passing: true,
});
try {
  await exportApp();
  await postgres.createDatabase('pictures');
  const addresses = postgres.addresses('pictures');
  await prepareDatabase(addresses);
  const env = { ...addresses, PORT: '0', CARDINEX_APP: appFolder, LOG_LEVEL: 'error' };
  const server = await startServerProcess(env);
  const browser = await chromium.launch({ executablePath: chromiumPath(), args: browserArguments });
  mkdirSync(folder, { recursive: true });
  for (const picture of PICTURES) {
    if (wanted.length === 0 || wanted.includes(picture.name)) {
      await take(browser, server.address, picture);
      console.log(`docs/screenshots/${picture.name}.png`);
    }
  }
  await browser.close();
  await stopServerProcess(server);
  forgetOthers();
} finally {
  await postgres.stop();
}

async function take(browser: Browser, address: string, picture: Picture): Promise<void> {
  const { name, theme = 'day', size = PHONE } = picture;
  const context = await browser.newContext({ viewport: size, deviceScaleFactor: 1 });
  await giveSlowHands(context);
  const page = await context.newPage();
  page.setDefaultTimeout(15_000);
  await page.addInitScript((wantedTheme) => {
    const stored = JSON.parse(localStorage.getItem('cardinex.preferences') ?? '{}') as object;
    const preferences = JSON.stringify({ ...stored, theme: wantedTheme });
    localStorage.setItem('cardinex.preferences', preferences);
  }, theme);
  await signIn(page, address);
  await page.goto(address + picture.path);
  await page.getByRole('main').waitFor();
  // Pieces of a page may still be on their way, each saying so.
  await page.waitForFunction(() => !document.body.innerText.includes('Fetching the cards'));
  await picture.then?.(page);
  await page.waitForTimeout(500);
  await page.screenshot({ path: path.join(folder, `${name}.png`) });
  await context.close();
}

/** Pictures of views that are no more. */
function forgetOthers(): void {
  const names = new Set(PICTURES.map(({ name }) => `${name}.png`));
  for (const file of readdirSync(folder)) {
    if (!names.has(file)) rmSync(path.join(folder, file));
  }
}
