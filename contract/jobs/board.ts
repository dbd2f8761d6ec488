import { z } from 'zod';
import type { JobSummary } from '@cardinex/core/job/summary';
import { CARD_NAMES } from '@cardinex/core/job/facts/cardName';
import { named } from '../named';
import { coded } from '../problem';
import { end } from '../sheets/end';
import { moment, plainId, uuid } from '../text';

const trayCard = named(
  'TrayCard',
  z.strictObject({
    number: z.int().describe('Its place in the tray, from 1'),
    card: z.enum(CARD_NAMES),
    set: z
      .strictObject({ id: plainId, name: z.string() })
      .nullable()
      .describe('Which fastened set, of a card that tightens one; null while the sheet has none')
      .exactOptional(),
    status: z.enum(['open', 'done', 'waiting', 'barred']),
    reason: coded('Why it waits, or what is next on it'),
    needsAttention: z.boolean().describe('Something on it needs a person before anything else'),
  }),
);

const jobSummary = named(
  'JobSummary',
  z.strictObject({
    id: uuid,
    name: z.string(),
    serial: z.string(),
    why: z.string(),
    openedAt: moment,
    sheet: z.strictObject({ id: plainId, revision: z.int(), name: z.string() }),
    cylinder1End: end,
    tray: z.array(trayCard).describe('Its cards in the order of work'),
    current: z.int().nullable().describe('The number of the card in hand'),
    finished: z.boolean(),
    parked: z.boolean().describe('Left for a while: to be taken up again before anything is done'),
    headSeq: z.int().describe('The last event of its log: tells whether a copy is behind'),
  }),
) as unknown as z.ZodType<JobSummary>;

/** The board of a shop. */
export const boardSchema = named(
  'Board',
  z.strictObject({
    jobs: z.array(jobSummary).describe('Open jobs, then the finished ones begun last'),
    moreFinished: z
      .string()
      .nullable()
      .describe('What to ask for the finished jobs before these by; null where there are none'),
    damaged: z
      .array(uuid)
      .describe('Jobs whose logs do not end where they should: nothing of them is shown'),
  }),
);
export type Board = z.infer<typeof boardSchema>;
