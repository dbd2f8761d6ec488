import { readFileSync } from 'node:fs';
import Ajv from 'ajv/dist/2020';
import { DEMO_JOB } from '@cardinex/demo/jobs';
import { Copy, DeviceAt } from './copy';

let copy: Copy;

beforeAll(async () => {
  copy = await Copy.start();
}, 60_000);

afterAll(() => copy.stop());

const published = (name: string): object =>
  JSON.parse(readFileSync(`docs/formats/${name}`, 'utf8')) as object;

describe('the schema of a file', () => {
  it.each(['engine-sheet.schema.json', 'job-record.schema.json'])(
    '%s is served as it stands in the docs (npm run formats writes it)',
    async (name) => {
      const { status, body } = await new DeviceAt(copy.address).get(`/formats/${name}`);
      expect(status).toBe(200);
      expect(body).toEqual(published(name));
    },
  );

  it('of a job’s record takes what is downloaded, and nothing that lacks a part of it', async () => {
    const phone = await copy.device('TR');
    const ajv = new Ajv({ strict: false, validateFormats: false });
    const holds = ajv.compile(published('job-record.schema.json'));
    for (const job of [DEMO_JOB.conveyor, DEMO_JOB.baler]) {
      const { body: record } = await phone.get(`/api/jobs/${job}/record.json`);
      expect([job, holds(record), holds.errors]).toEqual([job, true, null]);
      const { events } = record as { events: { hash: string }[] };
      const cut = events.map(({ hash: _hash, ...event }) => event);
      expect(holds({ ...(record as object), events: cut })).toBe(false);
      expect(holds({ ...(record as object), notes: '' })).toBe(false);
    }
  });
});
