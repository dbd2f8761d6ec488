import { z } from 'zod';
import { eventSchema } from '../acts/event';
import { named } from '../named';
import { sheetRevisionSchema } from '../sheets/revisions';
import { moment, uuid } from '../text';

/** A job's log with the sheet it is pinned to. */
export const jobLogSchema = named(
  'JobLog',
  z.strictObject({
    id: uuid,
    sheet: sheetRevisionSchema.describe('The revision the job is pinned to'),
    events: z.array(eventSchema).describe('In order'),
  }),
);
export type JobLog = Readonly<z.infer<typeof jobLogSchema>>;

export const overhaulsSchema = z.strictObject({
  overhauls: z
    .array(
      named(
        'Overhaul',
        z.strictObject({
          job: uuid,
          at: moment,
          hours: z.number().nullable().describe('Running hours; null where they were not told'),
          gaps: z
            .record(
              z.string(),
              z.strictObject({
                foundMm: z.number().describe('Cold, as found').exactOptional(),
                leftMm: z.number().describe('Cold, as left').exactOptional(),
              }),
            )
            .describe('By the item that was set'),
        }),
      ),
    )
    .describe('Earlier jobs on the same engine, in any order'),
});
