import { z } from 'zod';
import type { JobEvent } from '@cardinex/core/job/act';

/** What became of one act of a batch. */
export const outcomeSchema = z.discriminatedUnion('status', [
  z.object({ status: z.literal('accepted'), id: z.string(), event: z.custom<JobEvent>() }),
  z.object({ status: z.literal('duplicate'), id: z.string(), event: z.custom<JobEvent>() }),
  z.object({
    status: z.literal('refused'),
    id: z.string().nullable(),
    /** Problem details, as an error answer would carry. */
    problem: z.object({
      status: z.number(),
      code: z.string(),
      title: z.string(),
      detail: z.string(),
      field: z.string().exactOptional(),
      /** Why the rules of the job do not take it: its code, and the fields of that code. */
      refusal: z.looseObject({ code: z.string() }).exactOptional(),
    }),
  }),
]);

export type Refused = Extract<Outcome, { status: 'refused' }>['problem'];
export type Outcome = z.infer<typeof outcomeSchema>;
export const outcomesSchema = z.object({ outcomes: z.array(outcomeSchema), headSeq: z.number() });
export type Outcomes = z.infer<typeof outcomesSchema>;
