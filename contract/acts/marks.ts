import { z } from 'zod';
import { MARK_KINDS, type MarksActs } from '@cardinex/core/job/facts/marks';
import type { ActSchemas } from './actSchemas';
import { end } from '../sheets/end';
import { count, key } from './keys';
import { plainId, words } from '../text';

const place = z.strictObject({
  bank: z.union([z.literal(''), plainId]),
  end,
  nth: count,
  total: count,
  part: key,
});

export const marksActs = {
  'mark.made': z.strictObject({
    mark: key,
    kind: z.enum(MARK_KINDS),
    code: words(160),
    place,
  }),
} satisfies ActSchemas<MarksActs>;
