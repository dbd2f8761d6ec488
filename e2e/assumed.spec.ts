import type { EngineSheet } from '../core/sheet/engineSheet';
import { tolvane44 } from '../demo/sheets/tolvane44';
import { crewMember, lockside } from '../demo/shops';
import { press } from './support/hands';
import { expect, signIn, test } from './support/shop';
import { onTheStand } from './support/stories';

/** A Tolvane whose handbook leaves out what its head bolts are pulled to in the end. */
function silent(): EngineSheet {
  return {
    ...tolvane44,
    id: 'tolvane-silent',
    name: 'Tolvane 44, torn book',
    fastenedSets: (tolvane44.fastenedSets ?? []).map((set) =>
      set.id !== 'head' || !set.programme
        ? set
        : {
            ...set,
            programme: {
              ...set.programme,
              cycles: set.programme.cycles.map((cycle) => ({
                ...cycle,
                stages: cycle.stages.map((stage, at) =>
                  stage.kind === 'torque' && at > 0
                    ? { ...stage, values: [{ value: { missing: 'The page is torn out.' } }] }
                    : stage,
                ),
              })),
            },
          },
    ),
  };
}

test('a value the manual leaves out may be assumed from size, grade and treatment, and is marked so', async ({
  page,
  shop,
}) => {
  await signIn(page, shop.address);
  const by = crewMember(lockside, 'TR').id;
  let sheets: readonly { readonly sheet: EngineSheet }[] = [];
  // A server that has only just started may be busy: whoever publishes asks again.
  await expect
    .poll(async () => {
      const published = await page.request.post(`${shop.address}/api/sheets`, {
        data: { by, sheets: [silent()] },
      });
      ({ sheets = [] } = (await published.json()) as { sheets?: typeof sheets });
      return published.status();
    })
    .toBe(200);
  const [as] = sheets;
  if (!as) throw new Error('nothing published');
  const job = onTheStand(as.sheet, 'torn-book tractor')
    .liner('1', 0.06, 0.06)
    .liner('2', 0.07, 0.07)
    .liner('3', 0.08, 0.08)
    .liner('4', 0.09, 0.09)
    .act('liners.accepted', {})
    .end();
  await shop.tell(job);
  const at = `${shop.address}/jobs/${job.id}`;
  await page.goto(`${at}/tighten`);
  await expect(page.getByText('The sheet does not say the value of a stage')).toBeVisible();
  await expect(page.getByTestId('propose')).toContainText('Ask the maker first');
  await press(page, 'Take it, marked as assumed');
  await expect(page.getByRole('heading', { name: 'Before the first pull' })).toBeVisible();
  await page.goto(`${at}/record`);
  await expect(
    page.getByText('Deviation: Torque assumed from size, strength and treatment'),
  ).toBeVisible();
});
