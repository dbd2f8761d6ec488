import { confirm, expect, signIn, test } from './support/shop';
import { readyToPull, readyToSet } from './support/stories';

test('a wrench that gives too little is set higher, and let back when all is pulled', async ({
  page,
  shop,
}) => {
  await shop.tell(readyToPull('brick kiln').end());
  await signIn(page, shop.address);
  // Overdue, and said on the board: it may be used here, for the sheet does not forbid it.
  await page.getByRole('link', { name: '1 tool is off or overdue' }).click();
  await page.getByRole('link', { name: /Wrench 8/ }).click();
  await expect(page.getByText('check overdue')).toBeVisible();
  await page.goto(shop.address);
  await page.getByRole('link', { name: /brick kiln/ }).click();
  await page.getByRole('button', { name: /Wrench 5: set/ }).click();
  await page.getByRole('button', { name: /Wrench 8/ }).click();
  await expect(page.getByText('check overdue').last()).toBeVisible();
  await expect(page.getByText('for 45 N·m at the bolt')).toBeVisible();
  await page.getByRole('button', { name: 'Begin pulling' }).click();
  await expect(page.getByTestId('value')).toContainText('45');
  await expect(page.getByText('47', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: /Wrench 8: set/ }).click();
  await page.getByRole('button', { name: /Wrench 5/ }).click();
  await page.getByRole('button', { name: 'Begin pulling' }).click();
  const marked = page.getByRole('button', { name: /^Heads are marked/ });
  for (let pulls = 0; pulls < 60 && !(await marked.isVisible()); pulls += 1) {
    await confirm(page, 1, 'PageDown');
  }
  await marked.click();
  await page.getByRole('button', { name: /Let the wrench back/ }).click();
  await expect(page.getByText('The wrench is let back.')).toBeVisible();
});

test('the leaves to stack are those the set still has', async ({ page, shop }) => {
  await shop.tell(readyToSet('mill race').end());
  await signIn(page, shop.address);
  await page.getByRole('link', { name: /mill race/ }).click();
  await page.getByTestId('should-see').waitFor();
  await page.keyboard.press('Space');
  await expect(page.getByTestId('valve')).toHaveText('E1');
  // 0.425 is aimed at and 0.40 is lost: no single leaf comes nearer than two together.
  await expect(page.getByTestId('leaves')).toContainText('from Feelers, mm');
  await page.getByTestId('leaves').getByRole('button').click();
  await expect(page.getByTestId('leaves')).toContainText('from Feelers, thou');
});

test('a tool is entered, checked, and found off, and what was done with it is named', async ({
  page,
  shop,
}) => {
  await signIn(page, shop.address);
  await page.getByRole('link', { name: 'Tools' }).click();
  await page.getByRole('button', { name: 'Enter a tool' }).click();
  await page.getByRole('button', { name: 'Torque wrench' }).click();
  await page.getByRole('button', { name: 'Put it in the crib' }).click();
  await expect(page.getByText('Give it a name that is on the tool.')).toBeVisible();
  await page.getByLabel('What it is called here').fill('Wrench 9');
  await page.getByLabel('Square', { exact: true }).fill('1/2 in');
  await page.getByLabel('Range from').fill('100');
  await page.getByLabel('Range to').fill('20');
  await page.getByLabel(/hand mark/).fill('400');
  await page.getByRole('button', { name: 'Clicks' }).click();
  await page.getByRole('button', { name: 'Put it in the crib' }).click();
  await expect(page.getByText('The low end of its range is not below the high end.')).toBeVisible();
  await page.getByLabel('Range from').fill('20');
  await page.getByLabel('Range to').fill('100');
  await page.getByRole('button', { name: 'Put it in the crib' }).click();
  await expect(page.getByText('never checked')).toBeVisible();
  await page.getByRole('button', { name: 'Record a check' }).click();
  await page.getByLabel(/What it gave/).fill('50 fifty');
  await page.getByRole('button', { name: 'Keep the check' }).click();
  await expect(page.getByText('Each line: what it was set to')).toBeVisible();
  await page.getByLabel(/What it gave/).fill('50 49,2');
  await page.getByRole('button', { name: 'Keep the check' }).click();
  await expect(page.getByText('in date')).toBeVisible();

  await page.getByRole('button', { name: 'Back' }).click();
  await page.getByRole('link', { name: /Wrench 3/ }).click();
  await page.getByRole('button', { name: 'It was found off' }).click();
  await page.getByLabel('It was found off').fill('Dropped; clicks at 92 where 100 was set.');
  await page.getByRole('button', { name: 'Mark it off' }).click();
  await expect(page.getByText('Done with it since its last good check')).toBeVisible();
  await expect(page.getByText('top-field baler: Head bolts: bolt 1, stage 1')).toBeVisible();

  // Mended and checked again it is good to use, here and in every story after this one.
  await page.getByRole('button', { name: 'Record a check' }).click();
  await page.getByLabel(/What it gave/).fill('50 50');
  await page.getByRole('button', { name: 'Keep the check' }).click();
  await expect(page.getByText('in date').first()).toBeVisible();
});
