import { z } from 'zod';
import { PARKED_WITH, type ParkedActs } from '@cardinex/core/job/facts/parked';
import type { ActSchemas } from './actSchemas';
import { words } from '../text';

export const parkedActs = {
  'job.parked': z.strictObject({
    done: z.array(z.enum(PARKED_WITH)).max(PARKED_WITH.length),
    words: words(400),
    resumeBy: z.array(words(200)).max(30),
  }),
  'job.resumed': z.strictObject({ words: words(400).exactOptional() }),
} satisfies ActSchemas<ParkedActs>;
