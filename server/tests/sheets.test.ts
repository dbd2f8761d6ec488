import { demoSheets } from '@cardinex/demo/sheets/all';
import { orrin6t } from '@cardinex/demo/sheets/orrin6t';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { crewMember, lockside, weirStreet } from '@cardinex/demo/shops';
import { chance, mutated } from '@cardinex/contract/sheets/tests/mutate';
import { Copy, DeviceAt } from './copy';

let copy: Copy;
let phone: DeviceAt;
const tobin = crewMember(lockside, 'TR').id;

beforeAll(async () => {
  copy = await Copy.start();
  phone = await copy.device('TR');
}, 60_000);

afterAll(() => copy.stop());

const publish = (...sheets: unknown[]) => phone.post('/api/sheets', { by: tobin, sheets });
const idsNow = async (): Promise<string[]> => {
  const { body } = await phone.get('/api/sheets');
  return (body as { sheets: { sheet: { id: string } }[] }).sheets.map((s) => s.sheet.id);
};

describe('engine sheets', () => {
  it('stand in the shop, newest revision of each', async () => {
    expect((await idsNow()).sort()).toEqual(demoSheets.map((sheet) => sheet.id).sort());
  });

  it('are exported and imported again equal, and sending one twice is harmless', async () => {
    for (const { id, revision } of demoSheets) {
      const { body } = await phone.get(`/api/sheets/${id}/${revision}/engine-sheet.json`);
      expect(body).toEqual(JSON.parse(JSON.stringify(demoSheets.find((s) => s.id === id))));
      expect((await publish(body)).status).toBe(200);
    }
    const { body } = await phone.get('/api/sheets/tolvane-44');
    expect((body as { revisions: unknown[] }).revisions).toHaveLength(1);
  });

  it('never change: a published revision stands, the next needs a note', async () => {
    const changed = { ...orrin6t, description: 'Something else' };
    const taken = await publish(changed);
    expect(taken.status).toBe(409);
    expect(taken.body).toMatchObject({
      code: 'revision-taken',
      detail: expect.stringContaining('Publish this as revision 3') as string,
    });
    const { note: _note, ...noteless } = changed;
    expect((await publish({ ...noteless, revision: 3 })).body).toMatchObject({
      code: 'sheet-faults',
      field: 'note',
    });
    expect((await publish({ ...changed, revision: 3, note: 'Plate read again.' })).status).toBe(
      200,
    );
    const { body } = await phone.get('/api/sheets/orrin-6t');
    expect(body).toMatchObject({
      revisions: [
        { revision: 3, note: 'Plate read again.', publishedBy: tobin },
        { revision: 2, publishedBy: null },
      ],
    });
    await expect(copy.database.query('UPDATE sheets SET revision = 9')).rejects.toThrow(
      /never changed/,
    );
  });

  it('are taken all or none, every fault named at its place', async () => {
    const good = { ...tolvane44, id: 'good-one', revision: 1 };
    const bad = { ...tolvane44, id: 'bad one', revision: 0, firing: { order: [1, 1] } };
    const { status, body } = await publish(good, bad);
    expect(status).toBe(422);
    const at = (body as { faults: { at: string }[] }).faults.map((fault) => fault.at);
    expect(at).toEqual(
      expect.arrayContaining([
        'sheets[1].id',
        'sheets[1].revision',
        'sheets[1].firing.from',
        'sheets[1].firing.source',
      ]),
    );
    expect(await idsNow()).not.toContain('good-one');
  });

  it('are checked without being kept', async () => {
    const { body } = await phone.post('/api/sheets/check', { ...tolvane44, otherEnd: 'fan' });
    expect(body).toMatchObject({ sound: false, faults: [{ at: 'otherEnd', bars: true }] });
  });

  it('are published by those who may, in their own name, in their own shop', async () => {
    const viewer = await copy.device('OM');
    const odile = crewMember(lockside, 'OM').id;
    const mine = { ...tolvane44, id: 'mine', revision: 1 };
    expect((await viewer.post('/api/sheets', { by: odile, sheets: [mine] })).status).toBe(403);
    expect((await viewer.post('/api/sheets', { by: tobin, sheets: [mine] })).status).toBe(403);
    const stranger = new DeviceAt(copy.address);
    expect((await stranger.post('/api/sheets', { by: tobin, sheets: [mine] })).status).toBe(401);
    expect((await publish(mine)).status).toBe(200);
    const elsewhere = await copy.device('LP', weirStreet);
    expect((await elsewhere.get('/api/sheets/mine')).status).toBe(404);
    expect((await elsewhere.get('/api/sheets/mine/1')).status).toBe(404);
  });

  it('that are mutated are never answered with a fault of ours, nor half taken', async () => {
    // Five hundred in the long run; few on every.
    const runs = Number(process.env.CARDINEX_MUTANTS_SENT ?? 30);
    const random = chance(4711);
    const before = (await idsNow()).length;
    let taken = 0;
    for (let run = 0; run < runs; run += 1) {
      const base = demoSheets[run % demoSheets.length];
      const other = mutated({ ...base, id: `mutant-${run}`, revision: 1 }, random);
      const answer = await publish({ ...tolvane44, id: `first-${run}`, revision: 1 }, other);
      expect([200, 409, 422]).toContain(answer.status);
      if (answer.status === 200) taken += 1;
      else expect(await idsNow()).not.toContain(`first-${run}`);
    }
    expect(taken).toBeGreaterThan(0);
    expect((await idsNow()).length).toBeGreaterThan(before);
  }, 600_000);

  it.each([
    ['no list', { by: tobin, sheets: {} }],
    ['nothing', { by: tobin, sheets: [] }],
    ['too many', { by: tobin, sheets: Array(21).fill(tolvane44) }],
    ['nobody', { by: 'Tobin', sheets: [tolvane44] }],
  ])('sent as %s are refused', async (_, body) => {
    expect((await phone.post('/api/sheets', body)).status).toBe(422);
  });

  it('nested without end are refused, not choked on', async () => {
    const deep = `${'['.repeat(20_000)}${']'.repeat(20_000)}`;
    const answer = await phone.postRaw('/api/sheets', `{"by":"${tobin}","sheets":[${deep}]}`);
    expect([400, 422]).toContain(answer.status);
  });
});
