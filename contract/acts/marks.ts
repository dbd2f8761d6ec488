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

const made = z.strictObject({ mark: key, kind: z.enum(MARK_KINDS), code: words(160), place });

export const marksActs = {
  'mark.made': made,
  'marks.racked': z.strictObject({
    marks: z.array(made).min(1, 'must name a part').max(200, 'names more than 200 parts'),
  }),
} satisfies ActSchemas<MarksActs>;
