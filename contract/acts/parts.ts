import { z } from 'zod';
import type { PartsActs } from '@cardinex/core/job/facts/parts';
import type { ActSchemas } from './actSchemas';
import { count, key } from './keys';
import { plainId, words } from '../text';

const holds = z.strictObject({
  card: z.enum(['liners', 'tighten', 'valves']),
  set: plainId.exactOptional(),
});

export const partsActs = {
  'part.arrived': z.strictObject({
    part: key,
    count,
    verdict: z.enum(['right', 'wrong', 'missing']),
    words: words(400).exactOptional(),
    grade: words(60).exactOptional(),
  }),
  'parts.expected': z.strictObject({
    parts: z.array(key).min(1).max(200).readonly(),
    on: z.iso.date({ error: 'must be a date like 2026-03-31' }),
    words: words(200).exactOptional(),
  }),
  'work.sent': z.strictObject({
    work: plainId,
    what: words(200),
    to: words(120),
    holds: holds.exactOptional(),
  }),
  'work.back': z.strictObject({
    work: plainId,
    result: words(400),
    certificate: words(120).exactOptional(),
    washed: z.boolean(),
  }),
} satisfies ActSchemas<PartsActs>;
