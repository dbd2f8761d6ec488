import { z } from 'zod';
import { TURN_OVER_LOOKS, type AttitudeActs } from '@cardinex/core/job/facts/attitude';
import { STANDS_HOW } from '@cardinex/core/sheet/spec/assembly';
import type { ActSchemas } from './actSchemas';

export const attitudeActs = {
  'engine.turned-over': z.strictObject({
    to: z.enum(STANDS_HOW),
    seen: z.array(z.enum(TURN_OVER_LOOKS)).max(TURN_OVER_LOOKS.length),
  }),
} satisfies ActSchemas<AttitudeActs>;
