import { z } from 'zod';
import { SHELL_WEAR } from '@cardinex/core/crank/shellPattern';
import type { ChecksActs } from '@cardinex/core/job/facts/checks';
import { REACH_MM } from '@cardinex/core/job/reach';
import type { ActSchemas } from './actSchemas';
import { printed } from './printed';
import { key } from './keys';
import { measure, plainId, words } from '../text';

const found = z.enum(['good', 'not-good']);

export const checksActs = {
  'check.read': z.strictObject({
    check: key,
    item: plainId,
    place: plainId.exactOptional(),
    // A piston below its deck reads less than nothing.
    mm: measure(-REACH_MM.size, REACH_MM.size),
    printed,
    gauge: z.strictObject({ id: plainId, name: words(60) }).exactOptional(),
    far: z.literal(true).exactOptional(),
    deviation: z
      .strictObject({
        set: printed,
        setMm: measure(0.001, REACH_MM.size),
        divisionMm: measure(0.000_1, 1),
        divisions: measure(-300, 300),
      })
      .exactOptional(),
    direct: z.literal(true).exactOptional(),
  }),
  'check.not-here': z.strictObject({
    check: key,
    item: key,
    place: plainId.exactOptional(),
    words: words(400),
  }),
  'check.seen': z.strictObject({
    check: key,
    item: key,
    step: plainId.exactOptional(),
    found,
    words: words(400).exactOptional(),
    wear: z.enum(SHELL_WEAR).exactOptional(),
    count: z.int().min(0).max(10_000).exactOptional(),
  }),
  'check.row-seen': z.strictObject({
    check: key,
    items: z.array(key).min(1).max(400).readonly(),
    steps: z.array(plainId).min(1).max(20).readonly(),
  }),
  'joint.wiped-off': z.strictObject({ piece: plainId, step: plainId }),
  'check.decided': z.strictObject({
    check: key,
    item: z.union([z.literal(''), plainId]),
    decision: z.enum(['keep', 'rework', 'replace']),
    words: words(400),
  }),
  'piece.weighed': z.strictObject({
    check: plainId,
    item: plainId,
    grams: measure(1, 1_000_000),
    text: words(20),
    beside: z.enum(['came-out', 'opposite']).exactOptional(),
  }),
} satisfies ActSchemas<ChecksActs>;
