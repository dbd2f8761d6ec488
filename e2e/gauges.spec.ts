import { madeDead, marked, stripped } from '../demo/intakeStory';
import { tolvane44 } from '../demo/sheets/tolvane44';
import { press } from './support/hands';
import { expect, signIn, test } from './support/shop';
import { onTheStand } from './support/stories';

test('a bore gauge is read by what it shows, and what does not apply is said not to be so', async ({
  page,
  shop,
}) => {
  const story = onTheStand(tolvane44, 'hay elevator', 90, { kind: 'everything' });
  const job = stripped(marked(madeDead(story, tolvane44), tolvane44), tolvane44).end();
  await shop.tell(job);
  await signIn(page, shop.address);
  const address = `${shop.address}/jobs/${job.id}`;
  const reading = page.getByTestId('reading');
  await page.goto(`${address}/inspect?check=bores`);

  // Set to a size once; from then on it shows by how much each is off it.
  await press(page, 'The gauge shows the size itself');
  await page.getByTestId('gauge-set').fill('104');
  await press(page, 'It is set so');
  await expect(page.getByText('104.00 mm, one division 0.01 mm')).toBeVisible();
  await reading.fill('+3');
  await expect(page.getByTestId('shown-size')).toHaveText('= 104.03 mm');
  await reading.press('Enter');
  await expect(page.getByText('1 of 24')).toBeVisible();

  // Millimetres typed in place of divisions are not taken for a hundredth of what they are.
  await reading.fill('0.03');
  await reading.press('Enter');
  await expect(page.getByRole('alert')).toContainText('by its divisions');
  await reading.fill('-2');
  await reading.press('Enter');
  await expect(page.getByText('2 of 24')).toBeVisible();

  // It is still set so after the page is left, and says so in the record.
  await page.reload();
  await expect(page.getByText('104.00 mm, one division 0.01 mm')).toBeVisible();
  await press(page, 'Not so here');
  const slip = page.getByRole('dialog');
  await slip.getByRole('button', { name: 'Not so here' }).click();
  await expect(slip.getByRole('alert')).toContainText('Say in a few words why');
  await slip.getByRole('textbox').fill('The gauge does not reach past the relief.');
  await slip.getByRole('button', { name: 'Not so here' }).click();
  await expect(page.getByText('3 of 24')).toBeVisible();
  // Said by mistake it is taken back where it was said.
  await press(page, /^Undo/);
  await expect(page.getByText('2 of 24')).toBeVisible();
  await press(page, 'Not so here');
  await slip.getByRole('textbox').fill('The gauge does not reach past the relief.');
  await slip.getByRole('button', { name: 'Not so here' }).click();
  await expect(page.getByText('3 of 24')).toBeVisible();
  await page.goto(`${address}/record`);
  await expect(page.getByText(/set to 104 mm, showed \+3/).first()).toBeVisible();
  await expect(page.getByText(/The gauge does not reach past the relief/).first()).toBeVisible();
});
