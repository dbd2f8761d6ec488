import { z } from 'zod';
import { CAUTIONS, type CautionsActs } from '@cardinex/core/job/facts/cautions';
import type { ActSchemas } from './actSchemas';

export const cautionsActs = {
  'caution.acknowledged': z.strictObject({ caution: z.enum(CAUTIONS) }),
} satisfies ActSchemas<CautionsActs>;
