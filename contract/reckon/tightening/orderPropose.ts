import { z } from 'zod';
import type { orderPropose as propose } from '@cardinex/core/tightening/orderPropose';
import { list, oneOf } from '../fields';
import { listOf, reason, text } from '../found';
import { reckoning } from '../reckoning';
import { TEN_FASTENERS, placed } from './placed';

export const orderPropose = reckoning({
  summary: 'An order of tightening from the middle out, for when the manual gives none',
  input: z.strictObject({
    fasteners: list(
      placed,
      [1, 200],
      'In any order; the earlier goes first where all else is equal',
    ),
    pattern: oneOf(
      ['spiral', 'cross', 'rows'],
      'From the inmost level out: spiral = clockwise from the left within a level, cross = each next farthest from the last, rows = row by row from its middle; a single ring is always crossed',
    ),
  }) satisfies z.ZodType<Parameters<typeof propose>[0]>,
  answer: z.strictObject({
    order: listOf(text('A fastener’s id'), 'In the order to pull them, each once'),
    reason,
  }),
  example: { fasteners: TEN_FASTENERS, pattern: 'spiral' },
});
