import { crewMember, lockside } from '../demo/shops';
import { expect, signIn, test } from './support/shop';

test('a new device goes in by name, knows its crew from then on, and is wiped when it is forgotten', async ({
  page,
  context,
  shop,
}) => {
  const { name, secret } = crewMember(lockside, 'WH');
  await page.goto(shop.address);
  await page.getByRole('button', { name: lockside.name }).click();

  // Nothing of who works there; what is missing is said, and a wrong PIN tells no more than a wrong name.
  await expect(page.getByText('does not know this device yet')).toBeVisible();
  await expect(page.getByText(name)).toHaveCount(0);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert')).toContainText('Give your name or initials');
  await page.getByLabel('Your name or initials').fill(name);
  await page.getByLabel('PIN or passphrase').fill('0000');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('No one of this shop has that name with');
  await page.getByLabel('PIN or passphrase').fill(secret);
  await page.keyboard.press('Enter');
  await page.getByRole('heading', { name: 'On the stands' }).waitFor();

  await page.getByText('quarry conveyor').click();
  await page.getByRole('heading').first().waitFor();
  await page.goto(`${shop.address}/sign-in`);
  await expect(page.getByRole('button', { name: new RegExp(name) })).toBeVisible();

  // Without the network the shop could not forget it: nothing is wiped.
  await page.goto(`${shop.address}/device`);
  await page.getByRole('button', { name: 'Forget this device' }).click();
  await expect(page.getByText('Everything of every shop is wiped')).toBeVisible();
  await context.setOffline(true);
  await page.getByRole('button', { name: 'Wipe it now' }).click();
  await expect(page.getByRole('alert')).toContainText('nothing was wiped');
  await context.setOffline(false);
  // Two touches of a glove are one.
  let asked = 0;
  page.on('request', (request) => (asked += Number(request.method() === 'DELETE')));
  await page.getByRole('button', { name: 'Wipe it now' }).dblclick();

  await expect(page.getByRole('heading', { name: 'Which shop?' })).toBeVisible();
  expect(asked).toBe(1);
  const left = await page.evaluate(async () => {
    const databases = (await indexedDB.databases()).map((info) => info.name ?? '');
    const jobs = await Promise.all(
      databases
        .filter((item) => item.startsWith('cardinex-'))
        .map(
          (entry) =>
            new Promise<number>((done) => {
              const opening = indexedDB.open(entry);
              opening.onsuccess = () => {
                const count = opening.result.transaction('jobs').objectStore('jobs').count();
                count.onsuccess = () => done(count.result);
              };
            }),
        ),
    );
    return jobs.reduce((sum, value) => sum + value, 0);
  });
  expect(left).toBe(0);
  await page.getByRole('button', { name: lockside.name }).click();
  await expect(page.getByText('does not know this device yet')).toBeVisible();
});

test('a shop that is busy is asked again; what nobody knows yet is not called empty', async ({
  page,
  shop,
}) => {
  let asked = 0;
  await page.route('**/api/jobs', (route) => {
    asked += 1;
    const problem = { type: 'about:blank', status: 503, title: 'busy', detail: 'Busy.' };
    return asked > 2 ? route.continue() : route.fulfill({ status: 503, json: problem });
  });
  await signIn(page, shop.address);
  await expect(page.getByText('Asking the shop.')).toBeVisible();
  await expect(page.getByText(`${lockside.name} · `)).toHaveCount(0);
  await expect(page.getByText('quarry conveyor')).toBeVisible();
  await expect(page.getByText(`${lockside.name} · `)).toBeVisible();
});

test('a job that a busy shop did not give is asked for again, with nobody pressing anything', async ({
  page,
  shop,
}) => {
  let isBusy = true;
  await page.route(/\/api\/jobs\/[^/]+/, (route) => {
    const problem = { type: 'about:blank', status: 503, title: 'busy', detail: 'Busy.' };
    return isBusy ? route.fulfill({ status: 503, json: problem }) : route.continue();
  });
  await signIn(page, shop.address);
  await page.getByText('quarry conveyor').click();
  await expect(page.getByText('Busy.')).toBeVisible();
  isBusy = false;
  await expect(page.locator('#screen-heading')).toBeVisible();
  await expect(page.getByText('Busy.')).toHaveCount(0);
});
