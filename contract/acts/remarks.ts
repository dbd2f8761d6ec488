import { z } from 'zod';
import { CARD_NAMES } from '@cardinex/core/job/facts/cardName';
import type { RemarksActs } from '@cardinex/core/job/facts/remarks';
import type { ActSchemas } from './actSchemas';
import { plainId, words } from '../text';

export const remarksActs = {
  'remark.made': z.strictObject({
    remark: plainId,
    words: words(400),
    card: z.enum(CARD_NAMES).exactOptional(),
    set: plainId.exactOptional(),
  }),
  'remark.seen-to': z.strictObject({ remark: plainId, words: words(400).exactOptional() }),
  'remark.accepted': z.strictObject({ remark: plainId, words: words(400) }),
} satisfies ActSchemas<RemarksActs>;
