import { z } from 'zod';
import { TEMPORARY_BARS } from '@cardinex/core/sheet/spec/assembly';
import { TEMPORARY_PART_KINDS, type RegisterActs } from '@cardinex/core/job/facts/register';
import type { ActSchemas } from './actSchemas';
import { plainId, words } from '../text';

export const registerActs = {
  'temporary-part.put-in': z.strictObject({
    part: plainId,
    kind: z.enum(TEMPORARY_PART_KINDS),
    what: words(80),
    where: words(120),
    bars: z.enum(TEMPORARY_BARS).nullable(),
  }),
  'temporary-part.taken-out': z.strictObject({ part: plainId }),
} satisfies ActSchemas<RegisterActs>;
