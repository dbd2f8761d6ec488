import { z } from 'zod';
import { CAUSES, SYMPTOMS, type CauseActs } from '@cardinex/core/job/facts/cause';
import type { ActSchemas } from './actSchemas';
import { words } from '../text';

export const because = z.enum(SYMPTOMS);

export const causeActs = {
  'cause.answered': z.strictObject({
    cause: z.enum(CAUSES),
    words: words(400).exactOptional(),
    mended: words(400).exactOptional(),
  }),
} satisfies ActSchemas<CauseActs>;
