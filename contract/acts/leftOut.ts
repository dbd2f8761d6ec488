import { z } from 'zod';
import { LEAVE_OUT, type LeftOutActs } from '@cardinex/core/job/facts/leftOut';
import type { ActSchemas } from './actSchemas';
import { words } from '../text';

export const leftOutActs = {
  'card.left-out': z.strictObject({ card: z.enum(LEAVE_OUT), words: words(400) }),
} satisfies ActSchemas<LeftOutActs>;
