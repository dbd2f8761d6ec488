import { z } from 'zod';
import { ROLES } from '@cardinex/core/job/roles';
import { eventSchema } from '../acts/event';
import { sheetRevisionSchema } from '../sheets/revisions';
import { moment, sha256, uuid } from '../text';

/** Everything kept of a job, as a file to keep and to check elsewhere. */
export const jobRecordSchema = z.strictObject({
  format: z.literal('cardinex-job-record'),
  version: z.literal(1),
  exportedAt: moment,
  shop: z.strictObject({
    name: z.string(),
    place: z.string(),
    timeZone: z.string().describe('IANA'),
  }),
  crew: z
    .array(z.strictObject({ id: uuid, name: z.string(), role: z.enum(ROLES) }))
    .describe('So that `by` of an event can be read'),
  job: uuid,
  sheet: sheetRevisionSchema.describe('The revision the job is pinned to'),
  chain: z.string().describe('How hashes are made, in a sentence'),
  head: z
    .strictObject({ seq: z.int(), hash: sha256 })
    .describe('Where the log ended when it was taken out: what is cut off shows'),
  count: z.int().describe('How many events it had'),
  events: z.array(eventSchema).describe('The whole log, in order'),
});
export type JobRecord = z.infer<typeof jobRecordSchema>;
