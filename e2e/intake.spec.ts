import { marksOf } from '../core/job/cards/mark/view';
import type { Scope } from '../core/job/facts/scope';
import { madeDead, marked, sheetIn, stripped } from '../demo/intakeStory';
import { quillon5c } from '../demo/sheets/quillon5c';
import { tolvane44 } from '../demo/sheets/tolvane44';
import { fill, press } from './support/hands';
import {
  decide,
  findGood,
  lookOver,
  keepFar,
  leaveOut,
  makeDead,
  openJob,
  pressThrough,
  readCheck,
} from './support/intake';
import { expect, signIn, test, unfoldTray } from './support/shop';
import { onTheStand } from './support/stories';
import { takeOff } from './support/strip';

test.describe.configure({ timeout: 300_000 });

const TOP_END: Scope = { kind: 'top-end' };

/** A tractor: parked and taken up again, a bolt that has stretched, liners that hold the crank. */
test('a gasket job from opening to inspected, parked on the way', async ({ page, shop }) => {
  await signIn(page, shop.address);
  const job = await openJob(page, shop.address, {
    sheet: 'tolvane-44',
    name: 'hop press',
    serial: 'T44-30440',
    why: 'Bubbles in the header tank.',
    because: 'Gas into water',
    scope: 'Head gasket',
    end: 'Fan end',
  });
  await expect(
    page.getByText(/Undisturbed: rod and piston; liner; flywheel; camshaft; main cap; crankshaft/),
  ).toBeVisible();
  await unfoldTray(page);
  await expect(page.getByRole('link', { name: /2 Strip After make it dead/ })).toBeVisible();
  await makeDead(page, job);

  // Marked: each says its end, its way up, and where no stamp may go.
  await page.goto(`${job}/mark`);
  await page.getByRole('button', { name: /^P E2 \(/ }).click();
  await expect(page.getByTestId('code')).toContainText('P E2');
  await expect(
    page.getByText(/2nd of 4 from the fan end. Tag on the end that was up/),
  ).toBeVisible();
  await pressThrough(page, 'code');
  await expect(page.getByText('All marked and bagged.')).toBeVisible();

  // What stands on the head comes off before it, each found somehow; then the head's bolts, in reverse.
  await page.goto(`${job}/strip`);
  await expect(page.getByTestId('act')).toHaveText('Breather hose');
  await expect(page.getByText('To get at the rocker cover.')).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByText(/Say how it was found/)).toBeVisible();
  await press(page, 'Damaged');
  await fill(page, 'What is wrong with it?', 'Split at its clip.');
  await page.getByRole('dialog').getByRole('button', { name: 'It is off' }).click();
  await expect(page.getByTestId('act')).toHaveText('Rocker cover');
  await takeOff(page, 'Head');
  await expect(page.getByText(/Break its seal by a small turn sideways/)).toBeVisible();
  await press(page, 'To the bolts: Head bolts');
  await expect(page.getByTestId('bolt')).toHaveText('10');
  await expect(page.getByTestId('value')).toContainText('90°');
  await pressThrough(page, 'bolt');
  await press(page, 'Sound');
  await expect(page.getByRole('alert')).toContainText('the crank must not move');
  await page.goto(`${job}/inspect?check=bores`);
  await page.goto(`${job}/register`);
  await expect(page.getByText(/Until they are held down, the crank must not move/)).toBeVisible();
  await press(page, 'My hands are in');
  await fill(page, 'Where?', 'in bore 2');
  await press(page, 'They are in');
  await expect(page.getByText(/Somebody’s hands are in, in bore 2/)).toBeVisible();
  await press(page, /: they are out/);
  await expect(page.getByTestId('hands-in')).toHaveCount(0);
  await page.goto(`${job}/strip`);
  await press(page, 'Liners are clamped');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await fill(page, 'Head bolts: how many came out?', '9');
  await fill(page, 'How often had they been used before?', '1');
  await press(page, 'Head bolts: Counted into the bag');
  await expect(page.getByText(/9 counted, 10 there must be/).first()).toBeVisible();
  await fill(page, 'Head bolts: how many came out?', '10');
  await press(page, 'Head bolts: Counted into the bag');
  await expect(page.getByText('All off, all counted.')).toBeVisible();

  // Parked: nothing is taken until it is taken up again, and what to see to is seen first.
  await page.goto(`${job}/park`);
  await press(page, 'Ports and passages plugged');
  await fill(page, 'How was it left, and why?', 'Waits for the gasket.');
  await fill(page, 'To see to first when it goes on', 'Plugs out\nWipe the bores');
  await press(page, 'Leave it so');
  await expect(page.getByTestId('parked')).toContainText('Waits for the gasket.');
  await expect(page.getByTestId('parked')).toContainText('Not done: bores and bare faces oiled');
  await expect(page.getByTestId('parked')).toContainText('Still in the engine: Liner clamps');
  await page.goto(shop.address);
  await expect(page.getByRole('link', { name: /hop press/ })).toContainText('Parked');
  await page.goto(job);
  await expect(page.getByRole('button', { name: 'Take it up again' }).first()).toBeDisabled();
  await press(page, 'Plugs out');
  await press(page, 'Wipe the bores');
  await press(page, 'Take it up again');
  await expect(page.getByTestId('parked')).toHaveCount(0);

  // Inspected: a slip of the decimal mark is questioned, the bolt that stretched is found.
  await readCheck(page, job, 'flatness/head/1', ['0.04', '0.02', '0.05', '0.04', '91.97']);
  await expect(page.getByTestId('findings')).toContainText('It goes back.');
  await findGood(page, job, 'holes/head/1');
  await readCheck(page, job, 'lengths/head/1', ['118.2', '118.1', '118.2', '118.3', '108.2']);
  await expect(page.getByTestId('far')).toContainText('108.20 mm is far from its fellows.');
  await press(page, 'Read again');
  await readCheck(page, job, 'lengths/head/1', ['118.2', '118.2', '118.9']);
  await expect(page.getByTestId('far')).toContainText('118.90 mm is far from its fellows.');
  await keepFar(page);
  await readCheck(page, job, 'lengths/head/1', ['118.1', '118.2', '118.2']);
  await expect(page.getByTestId('findings')).toContainText('it has stretched. Replace it.');
  await press(page, 'Whole table');
  await expect(page.getByRole('table')).toContainText('118.90');
  await decide(page, /Bolt \d+: Replace it/, 'Stretched.');
  await expect(page.getByTestId('findings')).toContainText('to be replaced');
  const bore = ['105.03', '105.03', '105.02', '105.02', '105.01', '105.01'];
  await readCheck(page, job, 'bores', [...bore, ...bore, ...bore, ...bore]);
  await lookOver(page, job);
  await page.goto(job);
  await unfoldTray(page);
  await expect(page.getByRole('link', { name: /5 Inspect Done/ })).toBeVisible();
  // Liners stay undisturbed: no seals of theirs are waited for.
  await expect(page.getByRole('link', { name: /6 Liners.* 4 liners to read/ })).toBeVisible();

  // The bolt that stretched is among the parts that are needed.
  await page.goto(`${job}/parts`);
  await expect(
    page.getByTestId('part').filter({ hasText: 'Length: Head bolts, bolt' }),
  ).toContainText('found at inspection');
  await page.goto(`${job}/record`);
  await expect(page.getByText('Split at its clip.')).toBeVisible();
  await expect(page.getByText('Taken up again')).toBeVisible();
  await expect(page.getByText('Waits for the gasket.')).toBeVisible();
});

/** A car engine with its cam in the head: found to be another variant when two parts of it were marked. */
test('marks are translated to another variant, and made anew', async ({ page, shop }) => {
  const story = madeDead(onTheStand(quillon5c, 'chaff cutter', 8, TOP_END), quillon5c);
  for (const { id, kind, code, place } of marksOf(sheetIn(story, quillon5c))) {
    if (['T E1 (1)', 'T I1 (2)'].includes(code))
      story.act('mark.made', { mark: id, kind, code, place });
  }
  await shop.tell(story.end());
  await signIn(page, shop.address);
  const job = `${shop.address}/jobs/${story.end().id}`;

  // Looked at again: it is the other one. What must be marked anew is named before and after.
  await page.goto(`${job}/sheet`);
  await press(page, /^Valves counted from the flywheel/);
  await expect(page.getByTestId('change')).toContainText('Marked anew: T E1 (1) becomes T E1 (10)');
  await fill(page, 'Why?', 'The figure is at the flywheel.');
  await press(page, 'It is: Valves counted from the flywheel');
  await expect(page.getByText(/^Quillon 5C · Valves counted from the flywheel/)).toBeVisible();
  await page.goto(job);
  await expect(page.getByRole('link', { name: /3 Mark/ })).toContainText(
    '2 parts say something else',
  );
  await page.goto(`${job}/mark`);
  await expect(page.getByText(/It says “T E1 \(1\)”/)).toBeVisible();
  await page.getByTestId('confirm').click();
  await expect(page.getByRole('button', { name: 'T E1 (10), Marked and bagged' })).toBeVisible();

  // What goes on last comes off first.
  await page.goto(`${job}/strip`);
  await expect(page.getByTestId('act')).toHaveText('Breather hose');
});

/** The same, stripped: what comes wrong bars what it is for, and a head that has warped is no head. */
test('a head that has warped, and short bolts that came wrong', async ({ page, shop }) => {
  const story = onTheStand(quillon5c, 'corn elevator', 40, TOP_END);
  stripped(marked(madeDead(story, quillon5c), quillon5c), quillon5c);
  await shop.tell(story.end());
  await signIn(page, shop.address);
  const job = `${shop.address}/jobs/${story.end().id}`;
  await page.goto(`${job}/strip`);
  await expect(page.getByText('All off, all counted.')).toBeVisible();

  // Parts: laid beside the old ones, the wrong ones bar what they are for.
  await page.goto(`${job}/parts`);
  await page.getByTestId('part').filter({ hasText: 'Short bolts' }).click();
  await expect(page.getByText('6 old ones are in the bag to compare with.')).toBeVisible();
  await fill(page, 'How many came? 6 needed.', '6');
  await press(page, 'It is wrong');
  await press(page, 'Keep it');
  await expect(page.getByText('Say what is wrong with it, or what is missing.')).toBeVisible();
  await fill(page, 'What is wrong with it?', 'Ten millimetres too long.');
  await press(page, 'Keep it');
  await expect(page.getByTestId('part').filter({ hasText: 'Short bolts' })).toContainText('wrong');

  // Inspected: the warped head cannot be worked on, and only the lead could let it stand.
  await readCheck(page, job, 'flatness/head/1', ['0,14', '0,03', '0,11', '0,09']);
  await expect(page.getByTestId('findings')).toContainText('its maker allows no cut: replace it');
  await expect(page.getByRole('button', { name: /Work on it/ })).toHaveCount(0);
  await decide(page, /Replace it/, 'Another head is found.');
  await findGood(page, job, 'holes/head/1');
  const bore = ['84.02', '84.02', '84.01', '84.01', '84.01', '84.01'];
  await readCheck(page, job, 'bores', [...bore, ...bore, ...bore, ...bore, ...bore]);
  await lookOver(page, job);
  await page.goto(job);
  await unfoldTray(page);
  await expect(page.getByRole('link', { name: /5 Inspect Done/ })).toBeVisible();
  // Its pistons were not disturbed: the gasket goes by the mark of the one that came off.
  await page.goto(`${job}/stand-out`);
  await press(page, /as the one that came off/);
  await leaveOut(page, job, 'head-build');
  await page.goto(job);
  await expect(page.getByRole('link', { name: /8 Head bolts Barred/ })).toContainText(
    'Short bolts, intake side: the wrong one came.',
  );
});

/** A ship's engine: one head, then the whole cylinder; jacks, a beam, a ring worn too thin. */
test('one head of six that goes further, with jacks and a ring worn too thin', async ({
  page,
  shop,
  context,
}) => {
  await signIn(page, shop.address);
  const job = await openJob(page, shop.address, {
    sheet: 'hesper-m6-r',
    name: 'south ferry',
    serial: 'HM6R-120',
    why: 'Water at the drain of cylinder 3.',
    because: 'Water into a cylinder',
    scope: 'One head',
    only: '3',
    end: 'Flywheel end',
  });
  await expect(
    page.getByText(/One head: 3. Undisturbed: head 1, 2, 4, 5 and 6; rod and piston/),
  ).toBeVisible();
  await makeDead(page, job);
  await leaveOut(page, job, 'mark');

  // With the network cut from here: the jacks, the head off, the scope widened.
  await page.goto(`${job}/strip`);
  await context.setOffline(true);
  await takeOff(page, 'Head');
  await press(page, 'To the bolts: Head studs');
  await expect(page.getByText(/An injection wound, however small, is an emergency/)).toBeVisible();
  await press(page, 'Read. Nobody is in line.');
  await expect(page.getByTestId('value')).toContainText('bar');
  await expect(page.getByTestId('confirm')).toContainText('Run the nut back');
  await pressThrough(page, 'bolt');
  await press(page, 'Sound');
  await press(page, 'Liners are clamped');
  await fill(page, 'Head studs: how many came out?', '4');
  await press(page, 'Head studs: Counted into the bag');
  await expect(page.getByText('All off, all counted.')).toBeVisible();
  await context.setOffline(false);

  await readCheck(page, job, 'rings', ['3.90', '3.91', '3.90', '3.84']);
  await keepFar(page);
  await expect(page.getByTestId('findings')).toContainText('too thin: renew it');
  await decide(page, /Replace it/, 'Worn.');
  await readCheck(page, job, 'flatness/head/3', ['0.02', '0.01', '0.03', '0.02']);

  // The bore is scored: the whole cylinder comes out. What is done stays done.
  await page.goto(`${job}/scope`);
  await press(page, 'One cylinder');
  await page
    .getByRole('group', { name: 'Which cylinder?' })
    .getByText('3', { exact: true })
    .click();
  await press(page, /^Go further/);
  await expect(page.getByText('Say in a few words why: it stands in the record.')).toBeVisible();
  await fill(page, 'Why?', 'Bore scored.');
  await press(page, /^Go further/);
  await expect(page.getByText(/One cylinder: 3/)).toBeVisible();
  await expect(page.getByRole('link', { name: /2 Strip Next/ })).toBeVisible();
  await page.goto(`${job}/strip`);
  await takeOff(page);
  await expect(page.getByText('All off, all counted.')).toBeVisible();
  await findGood(page, job, 'holes/head/3');
  const bore = ['240.10', '240.10', '240.08', '240.08', '240.05', '240.05'];
  await readCheck(page, job, 'bores', bore);
  await lookOver(page, job);
  await page.goto(job);
  await unfoldTray(page);
  await expect(page.getByRole('link', { name: /5 Inspect Done/ })).toBeVisible();

  // The cause may be answered any day; the job does not close without it.
  await page.goto(`${job}/cause`);
  await press(page, 'That was it');
  await expect(page.getByText('Choose what made it fail.')).toBeVisible();
  await page.getByText('Not found').click();
  await press(page, 'That was it');
  await expect(page.getByText(/where none was found, where you looked/)).toBeVisible();
  await page
    .getByRole('group', { name: 'What made it fail?' })
    .getByText('The last work on it')
    .click();
  await fill(page, 'In a few words', 'Ring too thin: it was fitted twice.');
  await press(page, 'That was it');
  await expect(page.getByTestId('answer')).toContainText('Ring too thin');
});

/** On the stand, down to the crank: what a grinder cannot mend, and a leaflet that contradicts. */
test('a journal beyond its last undersize, and a leaflet in the bag that says otherwise', async ({
  page,
  shop,
}) => {
  const story = onTheStand(tolvane44, 'stone saw', 240, { kind: 'everything' });
  const job = stripped(marked(madeDead(story, tolvane44), tolvane44), tolvane44).end();
  await shop.tell(job);
  const address = `${shop.address}/jobs/${job.id}`;
  await signIn(page, shop.address);
  await readCheck(page, address, 'journals/mains', ['74.97', '74.97', '74.96', '74.97', '74.39']);
  await keepFar(page);
  await readCheck(page, address, 'journals/mains', ['74.39']);
  await keepFar(page);
  await readCheck(page, address, 'journals/mains', ['74.90']);
  await keepFar(page);
  const findings = page.getByTestId('findings');
  await expect(findings).toContainText('no step is left. Replace it.');
  await expect(findings).toContainText('Grind it to 0.25 mm.');
  await expect(page.getByRole('button', { name: 'Main 3: Work on it' })).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Main 4: Work on it' })).toBeVisible();

  // What came with the bolts is entered where they are laid beside the old ones.
  await page.goto(`${address}/parts`);
  await press(page, 'A leaflet came with it');
  await fill(page, 'What is printed on top of it?', 'Bolt set 12');
  await press(page, 'Bolts');
  await press(page, /^Head bolts, Treatment/);
  await press(page, 'paste');
  await fill(page, 'In words', 'The paste in the bag, nothing else');
  await press(page, 'Keep the leaflet');
  await expect(page.getByText('To be decided').first()).toBeVisible();
  await expect(page.getByTestId('differences')).toContainText(
    'Engine oil on thread and under head',
  );
  await page.goto(`${address}/tighten?set=head`);
  await expect(
    page.getByText('Sheet and leaflets differ in 1 place.', { exact: false }),
  ).toBeVisible();
});
