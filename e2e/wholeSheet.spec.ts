import type { EngineSheet } from '../core/sheet/engineSheet';
import { averilQ4 } from '../demo/sheets/averilQ4';
import { dunmere2s5 } from '../demo/sheets/dunmere2s5';
import { fill, press } from './support/hands';
import { expect, signIn, test } from './support/shop';
import { sameBesideIds } from './support/sameBesideIds';
import { Typist } from './support/typist';

/** Which engine is entered on which size, and the kind of engine it begins from. */
const ENTERED: Readonly<Record<string, { sheet: EngineSheet; family: string; cylinders: string }>> =
  {
    phone: { sheet: averilQ4, family: 'Flat, separate cylinders', cylinders: '4' },
    wide: { sheet: dunmere2s5, family: 'Two-stroke', cylinders: '5' },
  };

test('a whole engine is entered from its book, field by field, and comes out as it stands there', async ({
  page,
  shop,
}, { project }) => {
  test.setTimeout(600_000);
  const entered = ENTERED[project.name];
  if (!entered) throw new Error('no engine for this size');
  const id = `${entered.sheet.id}-entered`;
  const sheet = { ...entered.sheet, id, name: `${entered.sheet.name} entered` };
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/sheets/new`);
  await press(page, entered.family);
  await fill(page, 'How many cylinders?', entered.cylinders);
  await press(page, 'Begin');
  await press(page, 'All parts');
  await new Typist(page, sheet).enterAll();
  await expect(page.getByText('Nothing to object to.')).toBeVisible();
  await press(page, /^Publish/);
  await page.waitForURL(`**/sheets/${id}`);

  const answer = await page.request.get(`${shop.address}/api/sheets/${id}/1/engine-sheet.json`);
  const published = (await answer.json()) as EngineSheet;
  expect(sameBesideIds(published, sheet)).toEqual([]);
});
