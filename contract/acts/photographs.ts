import { z } from 'zod';
import type { PhotographsActs } from '@cardinex/core/job/facts/photographs';
import type { ActSchemas } from './actSchemas';
import { key } from './keys';
import { uuid, words } from '../text';

export const photographsActs = {
  'photograph.taken': z.strictObject({
    photograph: uuid,
    says: words(200),
    of: key.exactOptional(),
    sha256: z.string().regex(/^[0-9a-f]{64}$/, 'must be 64 hexadecimal digits'),
  }),
} satisfies ActSchemas<PhotographsActs>;
