import { z } from 'zod';
import { CAUSES, type CauseActs } from '@cardinex/core/job/facts/cause';
import type { ActSchemas } from './actSchemas';
import { words } from '../text';

export const because = z.enum(CAUSES);

export const causeActs = {
  'cause.answered': z.strictObject({ because, words: words(400).exactOptional() }),
} satisfies ActSchemas<CauseActs>;
