import type { Scope } from '../../core/job/facts/scope';
import { averilQ4 } from '../../demo/sheets/averilQ4';
import { castryV8 } from '../../demo/sheets/castryV8';
import { hesperM6Right } from '../../demo/sheets/hesperM6';
import { orrin6t } from '../../demo/sheets/orrin6t';
import { quillon5c } from '../../demo/sheets/quillon5c';
import { tolvane44 } from '../../demo/sheets/tolvane44';
import type { EngineSheet } from '../../core/sheet/engineSheet';
import { expect, signIn, test } from '../support/shop';
import { onTheStand } from '../support/stories';
import { tapsByKind } from '../support/tapsByKind';
import { WorkThrough } from '../support/workThrough';

interface WholeJob {
  readonly sheet: EngineSheet;
  readonly scope: Scope;
  /** Where it ends: nothing left, or what only time brings. */
  readonly ends: RegExp;
  readonly missing?: string;
  readonly outOfOrder?: string;
}

/** Whole jobs of every kind, worked from the first screen to the last by what is in sight. */
const JOBS: readonly WholeJob[] = [
  { sheet: castryV8, scope: { kind: 'gasket' }, ends: /^done/, outOfOrder: 'valve-cover' },
  { sheet: hesperM6Right, scope: { kind: 'one-head', only: '3' }, ends: /^done/ },
  { sheet: averilQ4, scope: { kind: 'one-cylinder', only: '2' }, ends: /^done/ },
  { sheet: orrin6t, scope: { kind: 'top-end' }, ends: /^done/ },
  { sheet: quillon5c, scope: { kind: 'top-end' }, ends: /^done/, missing: 'gasket' },
  { sheet: tolvane44, scope: { kind: 'everything' }, ends: /^waits: After heat/ },
];

for (const { sheet, scope, ends, ...more } of JOBS)
  test(`${sheet.name}, ${scope.kind}, from the stand to the end by thumb`, async ({
    page,
    shop,
  }) => {
    const job = onTheStand(sheet, `whole ${scope.kind}`, 300, scope).end();
    await shop.tell(job);
    await signIn(page, shop.address);
    const onCard = (card: string): void => console.log(`… ${card}`);
    const walk = new WorkThrough(page, { shop: shop.address, id: job.id, sheet, onCard, ...more });
    const ended = await walk.work().catch((error: unknown) => {
      console.log(walk.pressed.slice(-12).join('\n'));
      throw error;
    });
    const taps = [...walk.taps.values()].reduce((sum, count) => sum + count, 0);
    const now = await walk.now();
    const kinds = tapsByKind(now.sheet, now.acts, taps);
    console.log(`${sheet.name}, ${scope.kind}: ${taps} taps, ${JSON.stringify(kinds)}`);
    for (const [card, count] of walk.taps) console.log(`${count}\t${card}`);
    expect(ended).toMatch(ends);
    if (!more.outOfOrder) return;
    await page.goto(`${shop.address}/jobs/${job.id}/record`);
    await expect(page.getByText(/out of (its )?order/i).first()).toBeVisible();
  });
