import { z } from 'zod';
import type { GasketActs } from '@cardinex/core/job/facts/gasket';
import type { ActSchemas } from './actSchemas';
import { words } from '../text';

export const gasketActs = {
  'gasket.chosen': z.strictObject({
    mark: words(80),
    by: z.enum(['stand-out', 'old-gasket']),
    words: words(400).exactOptional(),
  }),
} satisfies ActSchemas<GasketActs>;
