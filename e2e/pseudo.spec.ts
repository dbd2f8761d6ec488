import { existsSync } from 'node:fs';
import path from 'node:path';
import type { APIResponse, Page } from '@playwright/test';
import { demoShops } from '../demo/shops';
import { exportScreens } from '../scripts/exportApp';
import { writePseudoWords } from '../scripts/pseudoWords';
import { scratchFolder } from '../scripts/scratch';
import { lookForCutText } from './support/cutText';
import { foreignTextJudge, textsShown } from './support/foreignText';
import { SCREENS, openScreen } from './support/screens';
import { expect, signIn, test } from './support/shop';

// It would hand out the app in the other language.
test.use({ serviceWorkers: 'block' });

/** Everything but the server's answers, in the language made by machine. */
async function speakPseudo(page: Page, folder: string): Promise<void> {
  await page.route(
    ({ pathname }) => !pathname.startsWith('/api/'),
    (route) => {
      const file = path.join(folder, new URL(route.request().url()).pathname);
      const page = path.join(folder, 'index.html');
      return route.fulfill({ path: path.extname(file) !== '' && existsSync(file) ? file : page });
    },
  );
}

/** All texts of the shop's own: names, sources, what somebody wrote. */
async function dataOf(page: Page, address: string): Promise<readonly string[]> {
  const asked = async (name: string): Promise<unknown> => {
    // A database that is only just up may be silent for a moment: asked again, as the answer says.
    const ask = (): Promise<APIResponse> => page.request.get(`${address}/api/${name}`);
    await expect.poll(async () => (await ask()).status()).toBe(200);
    const answer = await ask();
    return answer.json();
  };
  const jobs = (await asked('jobs')) as { jobs: readonly { id: string }[] };
  const logs = await Promise.all(jobs.jobs.map(({ id }) => asked(`jobs/${id}`)));
  return textsIn([demoShops, jobs, logs, await asked('sheets'), await asked('tools')]);
}

function textsIn(value: unknown): readonly string[] {
  if (typeof value === 'string') return [value];
  if (typeof value !== 'object' || value === null) return [];
  return Object.values(value).flatMap(textsIn);
}

test('nothing is said outside words/, and nothing is cut off where words are longer', async ({
  page,
  shop,
}) => {
  test.setTimeout(600_000);
  await signIn(page, shop.address);
  const foreign = foreignTextJudge(await dataOf(page, shop.address));
  writePseudoWords();
  const folder = path.join(scratchFolder('pseudo'), 'dist');
  await exportScreens('app', folder, 'pseudo');
  await speakPseudo(page, folder);
  await page.reload();
  const faults: unknown[] = [];
  for (const [name] of SCREENS) {
    await openScreen(page, shop.address, name);
    const said = foreign(await page.evaluate(textsShown));
    const cut = await page.evaluate(lookForCutText);
    faults.push(...[...said, ...cut].map((fault) => [name, ...fault]));
  }
  expect(faults).toEqual([]);
});
