import type { Overhaul } from '@cardinex/core/job/overhauls';
import { DEMO_JOB } from '@cardinex/demo/jobs';
import { weirStreet } from '@cardinex/demo/shops';
import { Copy, type DeviceAt } from './copy';

describe('what earlier overhauls found of an engine', () => {
  let copy: Copy;
  let phone: DeviceAt;
  beforeAll(async () => {
    copy = await Copy.start();
    phone = await copy.device('TR');
  }, 60_000);
  afterAll(() => copy.stop());

  const earlier = async (job: string) =>
    ((await phone.get(`/api/jobs/${job}/overhauls`)).body as { overhauls: Overhaul[] }).overhauls;

  it('is of the same serial alone, and of jobs before this one', async () => {
    const found = await earlier(DEMO_JOB.sluice);
    expect(found.map(({ hours }) => hours).sort()).toEqual([2140, 4390]);
    expect(found.map(({ gaps }) => gaps.E4?.foundMm).sort()).toEqual([0.33, 0.38]);
    expect((await earlier(DEMO_JOB.sluiceSecond)).map(({ job }) => job)).toEqual([
      DEMO_JOB.sluiceFirst,
    ]);
    expect(await earlier(DEMO_JOB.creamery)).toEqual([]);
  });

  it('belongs to the shop that has the job', async () => {
    const elsewhere = await copy.device('LP', weirStreet);
    expect((await elsewhere.get(`/api/jobs/${DEMO_JOB.sluice}/overhauls`)).status).toBe(404);
  });
});
