import type { Page } from '@playwright/test';
import { madeDead, marked, stripped } from '../demo/intakeStory';
import { DEMO_JOB } from '../demo/jobs';
import { tolvane44 } from '../demo/sheets/tolvane44';
import { crewMember, lockside } from '../demo/shops';
import { confirm, expect, readings, signIn, test } from './support/shop';
import { onTheStand, readyToSet } from './support/stories';

/** Tabs on until what has the focus is named so. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let steps = 0; steps < 60; steps += 1) {
    await page.keyboard.press('Tab');
    const focused = await page.evaluate(() => {
      const element = document.activeElement;
      if (!element?.matches('a, button, [role="button"], [role="link"], input')) return '';
      return element.getAttribute('aria-label') ?? element.textContent;
    });
    if (name.test(focused)) return;
  }
  throw new Error(`nothing named ${name} can be reached by Tab`);
}

test('from the sign-in to the record by keyboard alone', async ({ page, shop }) => {
  await shop.tell(readyToSet('weir gate').end());
  const { name, secret } = crewMember(lockside, 'TR');
  await page.goto(shop.address);
  await page.getByRole('button', { name: lockside.name }).waitFor();
  await tabTo(page, new RegExp(lockside.name));
  await page.keyboard.press('Enter');
  // A device the shop does not know: a name and a PIN, and from then on a tile and a PIN.
  await page.getByLabel('Your name or initials').waitFor();
  await page.keyboard.type(name);
  await page.keyboard.press('Tab');
  await page.keyboard.type(secret);
  await page.keyboard.press('Enter');
  await page.getByText('weir gate').waitFor();
  await page.goto(`${shop.address}/sign-in`);
  await page.getByRole('button', { name: new RegExp(name) }).waitFor();
  await tabTo(page, new RegExp(name));
  await page.keyboard.press('Enter');
  await page.getByRole('img', { name: '0 of 4' }).waitFor();
  await page.keyboard.type(secret);
  await page.getByText('weir gate').waitFor();
  await tabTo(page, /weir gate/);
  await page.keyboard.press('Enter');

  // Find cylinder 1's firing top, prove it, and read where the focus then stays.
  await expect(page.getByTestId('should-see')).toContainText('cylinder 4 rocking');
  await page.keyboard.press('Space');
  await expect(page.getByTestId('valve')).toHaveText('E1');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys and pedal' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await readings(page, '0.40');
  await expect(page.getByRole('button', { name: /^As found 0.40/ })).toBeVisible();

  // Rubbing out one figure too far takes nothing back; a Backspace after a pause does.
  await page.keyboard.type('5');
  await page.keyboard.press('Backspace');
  await page.keyboard.press('Backspace');
  await expect(page.getByRole('button', { name: /^As found 0.40/ })).toBeVisible();
  await page.waitForTimeout(1100);
  await page.keyboard.press('Backspace');
  await expect(page.getByRole('button', { name: 'As found –' })).toBeVisible();

  await readings(page, '0.42', '0.42', '0.32', '0.32', '0.32', '0.32', '0.42', '0.42');
  await expect(page.getByTestId('should-see')).toContainText('cylinder 1 rocking');
  // A gauge that sends once more proves no position.
  await page.keyboard.type('0.42');
  await page.keyboard.press('Enter');
  await page.waitForTimeout(300);
  await expect(page.getByTestId('should-see')).toBeVisible();
  await page.keyboard.press('PageDown');
  await readings(page, '0.42', '0.42', '0.32', '0.32', '0.32', '0.32', '0.42', '0.42');
  // Two turns by hand, and every gap is felt once more at both its positions.
  await expect(page.getByRole('heading', { name: 'Two turns by hand' })).toBeVisible();
  await page.keyboard.press('Space');
  await readings(page, '0.42', '0.32', '0.32', '0.42');
  await page.getByTestId('should-see').waitFor();
  await page.keyboard.press('PageDown');
  await readings(page, '0.42', '0.32', '0.32', '0.42');
  await expect(page.getByText('All valves set, provisionally.')).toBeVisible();
  await tabTo(page, /^To the tray/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Record$/);
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('rechecks')).toContainText('set cold from a hot figure');
  await expect(page.getByText(/struck by Tobin Reed/)).toHaveCount(1);
});

test('an engine is made dead, marked and its holes ticked by keyboard alone', async ({
  page,
  shop,
}) => {
  const job = onTheStand(tolvane44, 'cider press', 8, { kind: 'gasket' });
  await shop.tell(job.end());
  const address = `${shop.address}/jobs/${job.end().id}`;
  await signIn(page, shop.address);
  await page.goto(`${address}/dead`);
  await page.getByTestId('act').waitFor();
  await confirm(page, 4);
  await expect(page.getByText('Dead. Nothing turns it but you.').first()).toBeVisible();

  // One mark too many is taken back with the key beside it.
  await page.goto(`${address}/mark`);
  await page.getByTestId('code').waitFor();
  await confirm(page, 3, 'PageDown');
  await expect(page.getByText('3 of 9')).toBeVisible();
  await page.keyboard.press('Backspace');
  await expect(page.getByText('2 of 9')).toBeVisible();

  // A gauge that types digits and Enter moves on by itself.
  const other = onTheStand(tolvane44, 'cider mill', 90, { kind: 'gasket' });
  const bench = stripped(marked(madeDead(other, tolvane44), tolvane44), tolvane44).end();
  await shop.tell(bench);
  const inspect = `${shop.address}/jobs/${bench.id}/inspect`;
  await page.goto(`${inspect}?check=flatness%2Fhead%2F1`);
  await page.getByTestId('reading').waitFor();
  await readings(page, '0.03', '0.02', '0.04', '0.03', '91.98');
  await expect(page.getByTestId('findings')).toContainText('It goes back.');
  await page.goto(`${inspect}?check=holes%2Fhead%2F1`);
  await page.getByTestId('act').waitFor();
  // A row is said by whoever has gone to its button, never by a key or a pedal that presses whatever is next.
  await page.keyboard.press('Space');
  await page.keyboard.press('PageDown');
  await expect(page.getByText('0 of 40')).toBeVisible();
  await tabTo(page, /^Chased and clean/);
  await page.keyboard.press('Enter');
  await expect(page.getByText('20 of 40')).toBeVisible();
  await confirm(page, 3);
  await expect(page.getByText('23 of 40')).toBeVisible();
});

test('a new screen takes the focus; the one come back to stands as it was left', async ({
  page,
  shop,
}) => {
  await signIn(page, shop.address);
  const engine = page.getByRole('link', { name: /sluice pump/ });
  await engine.focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('#screen-heading')).toBeFocused();
  await expect(page).toHaveTitle(/ · sluice pump · Cardinex$/);

  // By the tray back to the board: as it was scrolled, and at the engine that was opened.
  const back = page.getByRole('button', { name: 'Back', exact: true });
  await back.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'sluice pump' })).toBeFocused();
  await back.focus();
  await page.keyboard.press('Enter');
  await expect(engine).toBeFocused();
  await expect(engine).toBeInViewport();

  // On a card it is the heading in any case: Space confirms there, whatever was pressed before.
  await page.goto(`${shop.address}/jobs/${DEMO_JOB.baler}/tighten`);
  await page.getByRole('link', { name: /7 Stand-out/ }).click();
  await expect(page.locator('#screen-heading')).toHaveText('Stand-out');
  await expect(page.locator('#screen-heading')).toBeFocused();
});

test('the keys are listed on every screen, and a slash searches a list', async ({ page, shop }) => {
  await signIn(page, shop.address);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('search a list');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toHaveCount(0);

  await page.goto(`${shop.address}/tools`);
  await page.getByRole('link', { name: /Wrench 8/ }).waitFor();
  await page.keyboard.press('/');
  await page.keyboard.type('800 bar');
  await expect(page.getByRole('link')).toHaveText([/Head stud jacks/]);
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('what?');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByText('Nothing here has “what?” in it.')).toBeVisible();
  await page.getByRole('button', { name: 'Show all' }).click();
  await expect(page.getByRole('link', { name: /Wrench 8/ })).toBeVisible();
});
