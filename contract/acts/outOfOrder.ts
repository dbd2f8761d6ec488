import { z } from 'zod';
import type { OutOfOrderActs } from '@cardinex/core/job/facts/outOfOrder';
import { CARD_NAMES } from '@cardinex/core/job/facts/cardName';
import { ASSEMBLY_ACTS, STANDS_HOW } from '@cardinex/core/sheet/spec/assembly';
import { CURE_BARS } from '@cardinex/core/sheet/spec/joint';
import type { ActSchemas } from './actSchemas';
import { plainId, words } from '../text';

const card = z.enum(CARD_NAMES);

export const outOfOrderActs = {
  'card.out-of-order': z.strictObject({
    card,
    set: plainId.exactOptional(),
    despite: z
      .array(
        z.union([
          z.strictObject({
            card,
            /** A fastened set by its name, or a piece, as the wait names it. */
            set: words(120).exactOptional(),
            shuts: z.enum(ASSEMBLY_ACTS).exactOptional(),
          }),
          z.strictObject({ part: words(200) }),
          z.strictObject({ turnOver: z.enum(STANDS_HOW) }),
          /** A piece by its name. */
          z.strictObject({ clock: words(120), bars: z.enum(CURE_BARS) }),
        ]),
      )
      .min(1, 'must name what is passed over')
      .max(100, 'names more than 100'),
    words: words(400),
  }),
} satisfies ActSchemas<OutOfOrderActs>;
