import { createHash, randomUUID } from 'node:crypto';
import sharp from 'sharp';
import { DEMO_JOB } from '@cardinex/demo/jobs';
import { weirStreet } from '@cardinex/demo/shops';
import { Copy, DeviceAt } from './copy';

let copy: Copy;
let phone: DeviceAt;
/** A picture with all that a phone writes into one. */
let taken: Buffer;

beforeAll(async () => {
  copy = await Copy.start();
  phone = await copy.device('TR');
  taken = await sharp({ create: { width: 2600, height: 1300, channels: 3, background: '#884422' } })
    .withMetadata({ orientation: 6 })
    .withExifMerge({
      IFD0: { Artist: 'Somebody' },
      IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' },
    })
    .jpeg()
    .toBuffer();
}, 60_000);

afterAll(() => copy.stop());

const sha256 = (bytes: Buffer): string => createHash('sha256').update(bytes).digest('hex');
const pathOf = (photograph: string): string =>
  `/api/jobs/${DEMO_JOB.sawBench}/photographs/${photograph}`;

/** Says on the demo's saw bench that a photograph was taken. */
async function tell(bytes: Buffer): Promise<string> {
  const photograph = randomUUID();
  const photographHere = { photograph, says: 'gasket, fire side', sha256: sha256(bytes) };
  const act = phone.act(DEMO_JOB.sawBench, 'photograph.taken', photographHere);
  const { outcomes } = await phone.send(DEMO_JOB.sawBench, act);
  expect(outcomes[0]?.status).toBe('accepted');
  return photograph;
}

const put = (photograph: string, bytes: Buffer, type = 'image/jpeg', device = phone) =>
  device.putBytes(pathOf(photograph), bytes, type);
const get = (photograph: string, size = 'full', device = phone) =>
  device.bytes(`${pathOf(photograph)}?size=${size}`);

describe('a photograph', () => {
  it('is kept upright, made smaller, and without what a camera writes beside it', async () => {
    expect((await sharp(taken).metadata()).exif).toBeDefined();
    const id = await tell(taken);
    expect((await put(id, taken)).status).toBe(204);
    const full = await sharp(await get(id)).metadata();
    expect([full.format, full.width, full.height]).toEqual(['jpeg', 1000, 2000]);
    expect([full.exif, full.xmp, full.iptc]).toEqual([undefined, undefined, undefined]);
    const small = await sharp(await get(id, 'small')).metadata();
    expect(small.height).toBe(320);
  });

  it('sent twice is kept once, as it first came', async () => {
    const id = await tell(taken);
    expect((await put(id, taken)).status).toBe(204);
    const first = await get(id);
    expect((await put(id, taken)).status).toBe(204);
    expect((await get(id)).equals(first)).toBe(true);
  });

  it('is taken only if the job tells of it, and of that very picture', async () => {
    expect(await put(randomUUID(), taken)).toMatchObject({
      status: 404,
      body: { code: 'no-such-photograph' },
    });
    const id = await tell(taken);
    const other = await sharp(taken).negate().jpeg().toBuffer();
    expect(await put(id, other)).toMatchObject({ status: 422, body: { code: 'other-photograph' } });
  });

  it('that is none is refused', async () => {
    const text = Buffer.from('not a picture');
    const id = await tell(text);
    expect(await put(id, text)).toMatchObject({ status: 422, body: { code: 'not-a-photograph' } });
    expect(await put(id, text, 'text/plain')).toMatchObject({ status: 415 });
    const huge = Buffer.alloc(4 * 1024 * 1024, 1);
    expect((await put(await tell(huge), huge)).status).toBe(413);
  });

  it('is a JPEG by its first bytes and nothing else, whatever it is called', async () => {
    const drawing = Buffer.from(
      '<svg xmlns="http://www.w3.org/2000/svg" width="9000" height="6000"><filter id="f">' +
        '<feTurbulence baseFrequency="0.9" numOctaves="9"/></filter>' +
        '<rect width="100%" height="100%" filter="url(#f)"/></svg>',
    );
    const png = await sharp(taken).resize(20).png().toBuffer();
    // It says of itself to have four thousand million dots.
    const bomb = Buffer.from(await sharp(taken).resize(20).jpeg().toBuffer());
    bomb.fill(
      0xff,
      bomb.indexOf(Buffer.from([0xff, 0xc0])) + 5,
      bomb.indexOf(Buffer.from([0xff, 0xc0])) + 9,
    );
    const disguised = Buffer.concat([Buffer.from([0xff, 0xd8, 0xff]), drawing]);
    for (const bytes of [drawing, disguised, png, bomb]) {
      const id = await tell(bytes);
      expect(await put(id, bytes)).toMatchObject({
        status: 422,
        body: { code: 'not-a-photograph' },
      });
    }
    // Not left to the first bytes alone: nothing else is ever unfolded in this process.
    await expect(sharp(drawing).metadata()).resolves.toBeDefined();
    jest.requireActual('../photographs/picture');
    await expect(sharp(drawing).metadata()).rejects.toThrow();
    await expect(sharp(png).metadata()).rejects.toThrow();
    await expect(sharp(taken).metadata()).resolves.toMatchObject({ format: 'jpeg' });
  });

  it('is seen by its own shop and by nobody else', async () => {
    const id = await tell(taken);
    await put(id, taken);
    const elsewhere = await copy.device('LP', weirStreet);
    expect((await elsewhere.get(pathOf(id))).status).toBe(404);
    expect((await put(id, taken, 'image/jpeg', elsewhere)).status).toBe(404);
  });

  it('and the tags of a job are given to nobody who is not signed in', async () => {
    const stranger = new DeviceAt(copy.address);
    expect((await stranger.get(pathOf(randomUUID()))).status).toBe(401);
    expect((await stranger.get(`/api/jobs/${DEMO_JOB.sawBench}/labels.pdf`)).status).toBe(401);
    expect((await stranger.putBytes(pathOf(randomUUID()), taken, 'image/jpeg')).status).toBe(401);
  });

  it('is never changed or removed', async () => {
    await expect(copy.database.query('DELETE FROM photographs')).rejects.toThrow('never changed');
    await expect(copy.database.query("UPDATE photographs SET small = ''")).rejects.toThrow(
      'never changed',
    );
  });
});
