import { randomUUID } from 'node:crypto';
import { DEMO_JOB } from '@cardinex/demo/jobs';
import { crewMember, lockside, weirStreet, type DemoShop } from '@cardinex/demo/shops';
import { Copy, DeviceAt } from './copy';

let copy: Copy;

beforeAll(async () => {
  copy = await Copy.start();
}, 60_000);

afterAll(() => copy.stop());

/** Signs in on a browser whose session has ended, saying which device it was. */
async function comeBack(was: string, shop: DemoShop = lockside, initials = 'TR') {
  const member = crewMember(shop, initials);
  const device = new DeviceAt(copy.address);
  const answer = await device.post('/api/session', {
    shop: shop.slug,
    member: member.id,
    secret: member.secret,
    device: was,
  });
  const { device: is } = answer.body as { device: string };
  return { device, is, status: answer.status };
}

describe('a device whose session has ended', () => {
  it('comes back as the same device, and what it kept goes out', async () => {
    const before = await copy.device('TR');
    const was = before.session?.device ?? '';
    const { device, is } = await comeBack(was);
    expect(is).toBe(was);
    const act = before.act(DEMO_JOB.conveyor, 'liner.read', {
      bore: '4',
      place: 0,
      mm: 0.1,
      printed: { text: '0.1', unit: 'mm' },
    });
    const { outcomes } = await device.send(DEMO_JOB.conveyor, act);
    expect(outcomes[0]?.status).toBe('accepted');
  });

  it('is a new one where this shop never had it', async () => {
    const unknown = randomUUID();
    expect((await comeBack(unknown)).is).not.toBe(unknown);
    const theirs = (await copy.device('LP', weirStreet)).session?.device ?? '';
    expect((await comeBack(theirs)).is).not.toBe(theirs);
  });

  it('has to name itself properly', async () => {
    expect((await comeBack('the old phone')).status).toBe(422);
  });
});

describe('signing out', () => {
  it('leaves nothing behind that could act', async () => {
    const device = await copy.device('WH');
    const { status } = await device.get('/api/jobs');
    await fetch(`${copy.address}/api/session`, {
      method: 'DELETE',
      headers: { cookie: device.cookie },
    });
    expect([status, (await device.get('/api/jobs')).status]).toEqual([200, 401]);
  });
});

describe('addresses that no one should give', () => {
  it.each([
    '/api/shops/%00/crew',
    '/api/shops/%E0%A4%A/crew',
    '/api/shops/nowhere/crew',
    '/api/jobs/%27%3B--',
    '/api/jobs/%E0%A4%A/live',
    `/api/jobs/${randomUUID()}`,
    '/api/nothing',
  ])('%s is answered as the asker’s mistake', async (path) => {
    const device = await copy.device('TR');
    const { status } = await device.get(path);
    expect(status >= 400 && status < 500).toBe(true);
  });
});
