import { z } from 'zod';
import type { PutOffActs } from '@cardinex/core/job/facts/putOff';
import { CARD_NAMES } from '@cardinex/core/job/facts/cardName';
import type { ActSchemas } from './actSchemas';
import { plainId, words } from '../text';

const card = z.enum(CARD_NAMES);
const set = plainId.exactOptional();

export const putOffActs = {
  'card.put-off': z.strictObject({
    card,
    set,
    words: words(400),
    until: z.iso.date({ error: 'must be a date like 2026-03-31' }).exactOptional(),
  }),
  'card.taken-up': z.strictObject({ card, set }),
} satisfies ActSchemas<PutOffActs>;
