import { stripNext } from '../core/job/cards/strip/view';
import { madeDead, sheetIn, stateOf, strippedStep } from '../demo/intakeStory';
import { tolvane44 } from '../demo/sheets/tolvane44';
import { press } from './support/hands';
import { expect, signIn, test } from './support/shop';
import { onTheStand } from './support/stories';

test('an engine is turned over for its crank once all that would run out or fall was seen to', async ({
  page,
  shop,
}) => {
  const story = onTheStand(tolvane44, 'quarry loader', 60, { kind: 'everything' });
  madeDead(story, tolvane44);
  for (;;) {
    const next = stripNext(sheetIn(story, tolvane44), stateOf(story), '');
    if (!next || next.step.kind === 'turn-over') break;
    strippedStep(story, next.group, next.step);
  }
  const job = story.act('hands.in', { where: 'in the sump' }).end();
  await shop.tell(job);
  await signIn(page, shop.address);
  await page.goto(`${shop.address}/jobs/${job.id}/strip`);
  await expect(page.getByTestId('turn-over')).toContainText('with the engine upside down');
  await page.getByTestId('confirm').click();
  const slip = page.getByRole('dialog', { name: 'Turn it upside down' });
  await expect(slip.getByRole('alert')).toContainText('hands are in, in the sump');
  await slip.getByRole('button', { name: 'Back', exact: true }).click();

  await page.goto(`${shop.address}/jobs/${job.id}/register`);
  await page.getByRole('button', { name: /: they are out$/ }).click();
  await expect(page.getByTestId('hands-in')).toHaveCount(0);
  await page.goto(`${shop.address}/jobs/${job.id}/strip`);
  await page.getByTestId('confirm').click();
  // One thing not seen to, and it stays as it stands.
  for (const look of [/^Oil and water/, /^Liners, tappets/, /^The stand/]) await press(page, look);
  await press(page, 'It stands upside down, locked');
  await expect(slip).toContainText('Still to see to: Nobody is below');
  await press(page, /^Nobody is below/);
  await press(page, 'It stands upside down, locked');
  await expect(page.getByTestId('turn-over')).toBeHidden();
  await expect(page.getByTestId('act')).toHaveText('Main cap');

  // What asks for it upright, and the page of what is in and how it stands, lead back.
  await page.goto(`${shop.address}/jobs/${job.id}/register`);
  await expect(page.getByTestId('attitude')).toContainText('It stands upside down.');
  await expect(page.getByRole('button', { name: 'Turn it back upright' })).toBeVisible();
});
