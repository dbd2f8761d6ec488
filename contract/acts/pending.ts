import { z } from 'zod';
import type { PendingActs } from '@cardinex/core/job/facts/pending';
import type { ActSchemas } from './actSchemas';
import { uuid } from '../text';

export const pendingActs = {
  'pending.decided': z.strictObject({ decision: uuid, holds: z.boolean() }),
} satisfies ActSchemas<PendingActs>;
