import { z } from 'zod';
import type { OldBoltsActs } from '@cardinex/core/job/facts/oldBolts';
import type { ActSchemas } from './actSchemas';
import { count } from './keys';
import { plainId } from '../text';

export const oldBoltsActs = {
  'bolts.counted': z.strictObject({
    set: plainId,
    group: plainId,
    count,
    uses: z.int().min(0).max(50).exactOptional(),
  }),
} satisfies ActSchemas<OldBoltsActs>;
