import { randomUUID } from 'node:crypto';
import { DEMO_JOB } from '@cardinex/demo/jobs';
import { crewMember, lockside, weirStreet, type DemoShop } from '@cardinex/demo/shops';
import { stopServerProcess } from '../../scripts/serverProcess';
import { Copy, DeviceAt } from './copy';

let copy: Copy;

beforeAll(async () => {
  copy = await Copy.start();
}, 60_000);

afterAll(() => copy.stop());

/** Signs in on a browser whose session has ended. */
async function comeBack(device: DeviceAt, shop: DemoShop = lockside, initials = 'TR') {
  device.loseSession();
  await device.signIn(shop, initials);
  return device.session?.device;
}

describe('a device whose session has ended', () => {
  it('comes back as the same device, and what it kept goes out', async () => {
    const device = await copy.device('TR');
    const was = device.session?.device;
    const act = device.act(DEMO_JOB.conveyor, 'liner.read', {
      bore: '4',
      place: 0,
      mm: 0.1,
      printed: { text: '0.1', unit: 'mm' },
    });
    expect(await comeBack(device)).toBe(was);
    const { outcomes } = await device.send(DEMO_JOB.conveyor, act);
    expect(outcomes[0]?.status).toBe('accepted');
  });

  it('is known by nothing that it says of itself', async () => {
    const victim = await copy.device('TR');
    const thief = new DeviceAt(copy.address);
    const member = crewMember(lockside, 'WH');
    const { status } = await thief.post('/api/session', {
      shop: lockside.slug,
      member: member.id,
      secret: member.secret,
      device: victim.session?.device,
    });
    expect(status).toBe(422);
    await thief.signIn(lockside, 'WH');
    expect(thief.session?.device).not.toBe(victim.session?.device);
  });

  it('is another in another shop', async () => {
    const device = await copy.device('TR');
    const was = device.session?.device;
    expect(await comeBack(device, weirStreet, 'LP')).not.toBe(was);
    expect(await comeBack(device)).toBe(was);
  });

  it('has those who had proved themselves on it do so again', async () => {
    const device = await copy.device('TR');
    await device.signIn(lockside, 'WH');
    await copy.database.query("UPDATE proofs SET proved_at = proved_at - interval '1 hour'");
    await comeBack(device);
    expect(Object.keys(device.session?.proved ?? {})).toEqual([crewMember(lockside, 'TR').id]);
  });

  it('shows a secret that is renewed at each proof; the former serves for a minute', async () => {
    const device = await copy.device('TR');
    const was = device.session?.device;
    const before = device.cookie;
    await device.signIn(lockside, 'TR');
    expect(device.cookie).not.toBe(before);
    const showing = async (cookie: string) => {
      const response = await fetch(`${copy.address}/api/shops/${lockside.slug}/crew`, {
        headers: { cookie: cookie.split('; ').find((item) => item.includes('device')) ?? '' },
      });
      return ((await response.json()) as { crew: unknown }).crew !== null;
    };
    expect([await showing(before), await showing(device.cookie)]).toEqual([true, true]);
    await copy.database.query(
      "UPDATE device_secrets SET replaced_at = replaced_at - interval '61 s' WHERE device_id = $1",
      [was],
    );
    expect([await showing(before), await showing(device.cookie)]).toEqual([false, true]);
  });

  it('that has lost its secret is known by the lost one no more', async () => {
    const device = await copy.device('TR');
    const lost = device.cookie;
    await copy.database.query(
      "UPDATE device_secrets SET issued_at = issued_at - interval '1 hour' WHERE device_id = $1",
      [device.session?.device],
    );
    device.loseSecret();
    await device.signIn(lockside, 'TR');
    await copy.database.query(
      "UPDATE device_secrets SET replaced_at = replaced_at - interval '61 s' WHERE device_id = $1",
      [device.session?.device],
    );
    const cookie = lost.split('; ').find((entry) => entry.includes('device')) ?? '';
    const response = await fetch(`${copy.address}/api/shops/${lockside.slug}/crew`, {
      headers: { cookie },
    });
    expect(await response.json()).toEqual({ crew: null });
  });

  it('has its secret in no row of the database', async () => {
    const device = await copy.device('TR');
    const secret = /device[^=]*=([^;]+)/.exec(device.cookie)?.[1] ?? '';
    expect(secret.length).toBeGreaterThanOrEqual(43);
    const { rows } = await copy.database.query<{ all: string }>(
      'SELECT json_agg(d)::text AS all FROM device_secrets d',
    );
    expect(rows[0]?.all).not.toContain(secret);
  });
});

describe('two members at one device', () => {
  it('prove themselves at once, and both have', async () => {
    for (let n = 0; n < 3; n += 1) {
      const device = await copy.device('TR');
      await Promise.all([device.signIn(lockside, 'WH'), device.signIn(lockside, 'PS')]);
      const { proved } = (await device.get('/api/session')).body as { proved: object };
      expect(Object.keys(proved)).toHaveLength(3);
    }
  });
});

describe('a device the shop does not know', () => {
  it('is not told who works there, and goes in by a name or initials', async () => {
    const device = new DeviceAt(copy.address);
    const crew = () => device.get('/api/shops/lockside/crew');
    expect((await crew()).body).toEqual({ crew: null });
    const { name, initials, secret } = crewMember(lockside, 'TR');
    for (const member of [name.toUpperCase(), initials.toLowerCase()]) {
      const { status } = await device.post('/api/session', { shop: 'lockside', member, secret });
      expect([member, status]).toEqual([member, 200]);
    }
    expect((await crew()).body).toMatchObject({ crew: expect.arrayContaining([]) });
    const nobody = { shop: 'lockside', member: 'Nobody Atall', secret };
    expect((await device.post('/api/session', nobody)).body).toMatchObject({
      code: 'wrong-secret',
    });
  });
});

describe('guessing', () => {
  const guess = (member: string) => ({ shop: 'lockside', member, secret: 'wrong' });

  it('is slowed down at one member from many addresses, and not for a device the shop knows', async () => {
    const member = crewMember(lockside, 'WH').id;
    const key = 'SELECT member_id, shop_id FROM members WHERE member_id = $1';
    const { rows } = await copy.database.query<{ shop_id: string }>(key, [member]);
    await copy.database.query(
      'INSERT INTO sign_in_attempts (key, points, expire) VALUES ($1, 24, (extract(epoch from now()) * 1000 + 3600000)::bigint)',
      [`wrong:${rows[0]?.shop_id}:${member}`],
    );
    const known = await copy.device('TR');
    const stranger = new DeviceAt(copy.address);
    const answered: string[] = [];
    await Promise.all([
      stranger.post('/api/session', guess(member)).then(() => answered.push('stranger')),
      known.post('/api/session', guess(member)).then(() => answered.push('known')),
    ]);
    expect(answered).toEqual(['known', 'stranger']);
  });

  it('is told when to try again', async () => {
    const member = crewMember(lockside, 'PS').id;
    const ask = () =>
      fetch(`${copy.address}/api/session`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(guess(member)),
      });
    let last = await ask();
    for (let n = 0; n < 8; n += 1) last = await ask();
    expect([last.status, Number(last.headers.get('retry-after')) > 500]).toEqual([429, true]);
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

  it('and forgetting the device leaves nothing the shop would know it by', async () => {
    const device = await copy.device('WH');
    const was = device.session?.device;
    const stored = device.cookie;
    expect((await device.delete('/api/session/device')).status).toBe(204);
    const crew = await fetch(`${copy.address}/api/shops/lockside/crew`, {
      headers: { cookie: stored },
    });
    expect(await crew.json()).toEqual({ crew: null });
    await device.signIn(lockside, 'WH');
    expect(device.session?.device).not.toBe(was);
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

describe('behind a balancer', () => {
  const member = crewMember(lockside, 'OM');
  const ask = (address: string, secret: string, from: string) =>
    fetch(`${address}/api/session`, {
      method: 'POST',
      headers: {
        'content-type': 'application/json',
        'x-forwarded-proto': 'https',
        'x-forwarded-for': from,
      },
      body: JSON.stringify({ shop: lockside.slug, member: member.id, secret }),
    });

  it('that is trusted its word counts: cookies go over TLS only, tries are counted by who asks', async () => {
    const server = await copy.another({ TRUST_PROXY: '1' });
    try {
      const cookies = (
        await ask(server.address, member.secret, '203.0.113.1')
      ).headers.getSetCookie();
      expect(cookies).toHaveLength(2);
      for (const cookie of cookies) {
        expect(cookie).toContain('Secure');
        expect(cookie).toContain('HttpOnly');
        expect(cookie).toContain('SameSite=Strict');
      }
      for (let n = 0; n < 9; n += 1) await ask(server.address, 'wrong', '203.0.113.2');
      const statuses = [
        (await ask(server.address, 'wrong', '203.0.113.2')).status,
        (await ask(server.address, 'wrong', '203.0.113.3')).status,
      ];
      expect(statuses).toEqual([429, 401]);
    } finally {
      await stopServerProcess(server);
    }
  }, 30_000);

  it('that is not trusted it is not taken at its word', async () => {
    const cookies = (await ask(copy.address, member.secret, '203.0.113.1')).headers.getSetCookie();
    for (const cookie of cookies) expect(cookie).not.toContain('Secure');
  });
});
