import { z } from 'zod';
import type { LinersActs } from '@cardinex/core/job/facts/liners';
import { REACH_MM } from '@cardinex/core/job/reach';
import type { ActSchemas } from './actSchemas';
import { printed } from './printed';
import { count } from './keys';
import { measure, plainId, words } from '../text';

export const linersActs = {
  'liner.read': z.strictObject({
    bore: plainId,
    place: z.int().min(0).max(3),
    mm: measure(-REACH_MM.standOut, REACH_MM.standOut),
    printed,
  }),
  'liners.accepted': z.strictObject({ words: words(400).exactOptional() }),
  'liners.placed': z.strictObject({
    placement: z
      .array(
        z.strictObject({
          bore: plainId,
          liner: plainId,
          shimsMm: z.array(measure(0.001, 20)).max(8),
        }),
      )
      .min(1)
      .max(24),
  }),
  'liner.sealed': z.strictObject({ bore: plainId, out: count, in: count }),
} satisfies ActSchemas<LinersActs>;
