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
  const sheet = { ...withFewPieces(entered.sheet), id, name: `${entered.sheet.name} entered` };
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

/** Pieces that are typed: some of each kind of line; an engine's thirty would say nothing more. */
const PIECES = ['rocker-cover', 'rocker-shaft', 'rocker', 'push-rod', 'head', 'cylinder', 'piston'];

/** The sheet with these pieces alone, and nothing that names another; clamps of single fasteners left aside. */
function withFewPieces(sheet: EngineSheet): EngineSheet {
  const { assembly, fastenedSets } = sheet;
  if (!assembly) return sheet;
  const kept = (references: readonly string[] = []): readonly string[] =>
    references.filter((reference) => {
      const [of = ''] = reference.split('/');
      return PIECES.includes(of) || !assembly.pieces.some(({ id }) => id === of);
    });
  const filled = <T>(field: string, list: readonly T[]) =>
    list.length > 0 ? { [field]: list } : {};
  const pieces = assembly.pieces
    .filter(({ id }) => PIECES.includes(id))
    .map(({ restsOn, shuts, onAfter = [], offAfter, eases, joints, ...piece }) => ({
      ...piece,
      ...filled('restsOn', kept(restsOn)),
      ...filled('shuts', kept(shuts)),
      ...filled(
        'onAfter',
        onAfter.filter((line) => kept([line.piece]).length > 0),
      ),
      ...filled(
        'joints',
        (joints ?? []).map(({ on, part: _part, ...joint }) => ({
          ...joint,
          ...(on !== undefined && kept([on]).length > 0 && { on }),
        })),
      ),
    }));
  return {
    ...sheet,
    ...(fastenedSets && {
      fastenedSets: fastenedSets.map((set) => ({
        ...set,
        fasteners: set.fasteners.map(
          ({ clamps: _clamps, clampsAt: _clampsAt, ...fastener }) => fastener,
        ),
      })),
    }),
    assembly: { pieces, acts: (assembly.acts ?? []).filter(({ act }) => act === 'set-valves') },
  };
}
