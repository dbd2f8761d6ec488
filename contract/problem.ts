import { z } from 'zod';
import { named } from './named';

/** A code, with fields that are that code's own. */
export const coded = (description: string) =>
  z.looseObject({ code: z.string() }).describe(description);

export const documentFault = named(
  'Fault',
  z.strictObject({
    at: z.string().describe('Where: "bores[0].id"; empty for the whole document'),
    says: z.string().describe('What is wrong, and what would be right'),
    bars: z.boolean().describe('False: worth a look, and may stand'),
  }),
);

/** RFC 9457 problem details, with a machine-readable code and the field that is wrong. */
export const problemSchema = named(
  'Problem',
  z.strictObject({
    type: z.string().describe('Leads to a page that explains it'),
    title: z.string().describe('What kind of problem it is, in a few words'),
    status: z.int().describe('The HTTP status'),
    detail: z.string().describe('What is wrong this time, and what would be right'),
    code: z.string().describe('The kind of problem, for programs'),
    field: z.string().describe('The first field that is wrong').exactOptional(),
    refusal: coded('Why the rules of a job do not take an act').exactOptional(),
    fault: coded('What is wrong with an input of a reckoning').exactOptional(),
    faults: z.array(documentFault).describe('Everything wrong with what was sent').exactOptional(),
    requestId: z.string().describe('Names the request in the server’s log').exactOptional(),
  }),
);
export type Problem = z.infer<typeof problemSchema>;
