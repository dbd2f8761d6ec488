import { z } from 'zod';
import type { ToolState } from '@cardinex/core/tools/tool';
import { named } from '../named';
import { moment, uuid } from '../text';
import { toolChecked, toolEventSchema, toolOf } from './act';

export const toolSchema: z.ZodType<ToolState> = named(
  'Tool',
  toolOf({
    id: uuid,
    checks: z.array(toolChecked.extend({ by: uuid })).describe('Newest last'),
    off: z
      .strictObject({ at: moment, by: uuid, words: z.string() })
      .nullable()
      .describe('Found off and not checked good since'),
    lostMm: z.array(z.number()).describe('Leaves that were lost'),
    retired: z.strictObject({ at: moment, words: z.string() }).nullable(),
  }),
);

export const toolsSchema = z.strictObject({
  tools: z.array(toolSchema).describe('By kind, what is asked for most first, then by name'),
  calendar: z
    .string()
    .describe('Where a calendar program finds the dates checks are due; the address is the secret'),
});

export const toolLogSchema = z.strictObject({
  tool: toolSchema,
  log: z.array(toolEventSchema).describe('In order'),
});
export type ToolLog = z.infer<typeof toolLogSchema>;

export const suspectActSchema = named(
  'SuspectAct',
  z.strictObject({
    job: uuid,
    name: z.string().describe('The job’s'),
    at: moment,
    what: z.string().describe('What was done'),
    value: z.string().describe('To what; empty where there is none'),
  }),
);
export type SuspectAct = z.infer<typeof suspectActSchema>;
