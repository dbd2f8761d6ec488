import { z } from 'zod';
import { THING_KINDS, type RegisterActs } from '@cardinex/core/job/facts/register';
import type { ActSchemas } from './actSchemas';
import { plainId, words } from '../text';

export const registerActs = {
  'thing.put-in': z.strictObject({
    thing: plainId,
    kind: z.enum(THING_KINDS),
    what: words(80),
    where: words(120),
    bars: z.enum(['turning', 'starting', 'covering']).nullable(),
  }),
  'thing.taken-out': z.strictObject({ thing: plainId }),
} satisfies ActSchemas<RegisterActs>;
