import { z } from 'zod';
import { named } from '../named';
import { problemSchema } from '../problem';
import { eventSchema } from './event';

/** What became of one act of a batch. */
export const outcomeSchema = named(
  'Outcome',
  z.discriminatedUnion('status', [
    z.strictObject({ status: z.literal('accepted'), id: z.string(), event: eventSchema }),
    z.strictObject({
      status: z.literal('duplicate').describe('It is in the log already'),
      id: z.string(),
      event: eventSchema,
    }),
    z.strictObject({
      status: z.literal('refused'),
      id: z.string().nullable().describe('Null where it had none that can be read'),
      problem: problemSchema
        .pick({
          status: true,
          code: true,
          title: true,
          detail: true,
          field: true,
          refusal: true,
        })
        .describe('As an error answer would carry it'),
    }),
  ]),
);

export type Refused = Extract<Outcome, { status: 'refused' }>['problem'];
export type Outcome = z.infer<typeof outcomeSchema>;
export const outcomesSchema = z.strictObject({
  outcomes: z.array(outcomeSchema).describe('One for each act, in order'),
  headSeq: z.int().describe('The last event of the job by now'),
});
export type Outcomes = z.infer<typeof outcomesSchema>;
