import { z } from 'zod';
import type { PhotographsActs } from '@cardinex/core/job/facts/photographs';
import type { ActSchemas } from './actSchemas';
import { key } from './keys';
import { sha256, uuid, words } from '../text';

export const photographsActs = {
  'photograph.taken': z.strictObject({
    photograph: uuid,
    says: words(200),
    of: key.exactOptional(),
    sha256,
  }),
} satisfies ActSchemas<PhotographsActs>;
