import { castryV8 } from '../demo/sheets/castryV8';
import { hesperM6Right } from '../demo/sheets/hesperM6';
import { press } from './support/hands';
import { confirm, expect, signIn, test } from './support/shop';
import { onTheStand } from './support/stories';

test('studs are tensioned by jacks, all on one line, and tried again at the full pressure', async ({
  page,
  shop,
}) => {
  const story = onTheStand(hesperM6Right, 'ferry, starboard engine');
  for (const bore of ['1', '2', '3', '4', '5', '6']) story.liner(bore, 0.44, 0.45);
  const job = story.act('liners.accepted', {}).end();
  await shop.tell(job);
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${job.id}/tighten`);
  await expect(page.getByText('Jacks screwed fully home')).toBeVisible();
  await expect(page.getByText(/Wrench \d/)).toHaveCount(0);
  for (const ready of ['Flush all round', 'It is on', 'Checked, nobody in line'])
    await press(page, ready);
  await press(page, 'Begin pulling');
  const studs = hesperM6Right.fastenedSets?.[0]?.fasteners.length ?? 0;
  for (const [stage, bar] of [
    [1, '350'],
    [2, '700'],
    [3, '700'],
  ] as const) {
    await expect(page.getByText(`Stage ${stage} of 3`)).toBeVisible();
    await expect(page.getByTestId('value')).toContainText(bar);
    await confirm(page, studs);
  }
  // One head of six: the next is got ready, not pulled.
  await expect(page.getByRole('heading', { name: 'Before the first pull' })).toBeVisible();
  await page.goto(`${shop.address}/jobs/${job.id}`);
  await expect(page.getByText('Number 2: get ready')).toBeVisible();
  await page.goto(`${shop.address}/jobs/${job.id}/record`);
  await expect(page.getByText('700 bar').first()).toBeVisible();
});

test('a gasket is let settle between the last pull and the check, row by row and then outwards', async ({
  page,
  shop,
}) => {
  const job = onTheStand(castryV8, 'harbour launch').end();
  await shop.tell(job);
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${job.id}/tighten`);
  for (const ready of ['Flush all round', 'It is on']) await press(page, ready);
  await press(page, /Wrench 3/);
  await press(page, 'Begin pulling');
  const { fasteners = [], programme } = castryV8.fastenedSets?.[0] ?? {};
  const [, , last] = programme?.cycles[0]?.stages ?? [];
  for (const nm of ['35', '65']) {
    await expect(page.getByTestId('value')).toContainText(nm);
    await confirm(page, fasteners.length);
  }
  // The last value goes in another order.
  const first = last && 'order' in last ? fasteners.find(({ id }) => id === last.order[0]) : null;
  await expect(page.getByTestId('bolt')).toHaveText(first?.number ?? '');
  await confirm(page, fasteners.length);
  await expect(page.getByText('Stage 4 of 5')).toBeVisible();
  await expect(page.getByText('Let the gasket settle.')).toBeVisible();
  await expect(page.getByTestId('value')).toContainText('15');
  await confirm(page, 1);
  await expect(page.getByText('Stage 5 of 5')).toBeVisible();
  await expect(page.getByTestId('value')).toContainText('90');
  await confirm(page, fasteners.length);
  await expect(page.getByRole('heading', { name: 'Before the first pull' })).toBeVisible();
});
