import { readFile } from 'node:fs/promises';
import { writeFileSync } from 'node:fs';
import sharp from 'sharp';
import type { Download, Page } from '@playwright/test';
import { DEMO_JOB } from '../demo/jobs';
import { pdfPages } from './support/pdfPicture';
import { expect, signIn, test } from './support/shop';

async function saved(page: Page, name: string): Promise<{ file: Buffer; name: string }> {
  const [download]: [Download, void] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name }).click(),
  ]);
  const file = await readFile(await download.path());
  return { file, name: download.suggestedFilename() };
}

test('a drawing is saved by one tap, as a file that stands alone, also with the network cut', async ({
  page,
  context,
  shop,
}) => {
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${DEMO_JOB.baler}/tighten`);
  await page.getByRole('button', { name: /Turn card/ }).click();
  await page.getByTestId('save-drawings').waitFor();
  // The app is kept on the device, with the faces a file takes along, before the network goes.
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await context.setOffline(true);

  const svg = await saved(page, 'Save “The bolts from above” of Head bolts as SVG');
  expect(svg.name).toBe('head-map-head-bolts.svg');
  const text = svg.file.toString('utf8');
  // Its faces go with it, and who cannot see it is told what it shows.
  expect(/src:url\(data:[^)]{1000}/.test(text)).toBe(true);
  expect(/<title>([^<]*)/.exec(text)?.[1]).toContain('Head seen from above');

  const png = await saved(page, 'Save “The bolts from above” of Head bolts as PNG');
  expect(png.name).toBe('head-map-head-bolts.png');
  const { width = 0, height = 0, format } = await sharp(png.file).metadata();
  expect(format).toBe('png');
  expect(Math.max(width, height)).toBe(2000);
  // More than paper: something is drawn on it.
  const { channels } = await sharp(png.file).stats();
  expect(Math.max(...channels.map(({ stdev }) => stdev))).toBeGreaterThan(10);
  const folder = process.env.CARDINEX_LOOK_AT;
  if (folder) writeFileSync(`${folder}/head-map.png`, png.file);
});

test('a sheet’s drawings come as a PDF to hang up by the engine', async ({ page, shop }) => {
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/sheets/orrin-6t`);
  await expect(page.getByRole('button', { name: /Drawings as PDF/ })).toBeVisible();
  const [{ revision }] = (
    (await (await page.request.get(`${shop.address}/api/sheets/orrin-6t`)).json()) as {
      revisions: [{ revision: number }];
    }
  ).revisions;
  const address = `${shop.address}/api/sheets/orrin-6t/${revision}/drawings.pdf`;
  const answer = await page.request.get(address);
  expect(answer.headers()['content-type']).toBe('application/pdf');
  const pages = await pdfPages(await answer.body());
  const text = pages.map((entry) => entry.text).join('\n');
  for (const sentence of ['Orrin 6T', 'Head bolts', 'The ring gaps', 'The timing wheels']) {
    expect(text).toContain(sentence);
  }
  for (const { text: own, outside } of pages) {
    expect(own).toContain(`rev. ${revision}`);
    expect(outside).toEqual([]);
  }
});
