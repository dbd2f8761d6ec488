import { z } from 'zod';
import { CARDS_NOW } from '@cardinex/core/job/scope';
import { measure, plainId, words } from '../text';

const count = z.int().min(0).max(1000);

/** A stage of one cycle, as a run names it: "1/s2". */
const stage = z
  .string()
  .max(90, 'is longer than a stage')
  .regex(/^[\w.-]+\/[\w.-]+$/, 'must be cycle/stage');

/** What the acts carry by which bores, liners, crank and pistons go together. */
export const buildData = {
  'cards.taken': z.strictObject({ cards: z.int().min(2).max(CARDS_NOW) }),
  'liners.placed': z.strictObject({
    placement: z
      .array(
        z.strictObject({
          bore: plainId,
          liner: plainId,
          shimsMm: z.array(measure(0.001, 20)).max(8),
        }),
      )
      .min(1)
      .max(24),
  }),
  'liner.sealed': z.strictObject({ bore: plainId, out: count, in: count }),
  'cap.turned': z.strictObject({
    run: z.strictObject({ set: plainId, instance: plainId, programme: plainId }),
    stage,
    fasteners: z.array(plainId).min(1).max(40),
    found: z.enum(['free', 'binds']),
    words: words(400).optional(),
  }),
  'piece.weighed': z.strictObject({
    check: plainId,
    item: plainId,
    grams: measure(1, 1_000_000),
    text: words(20),
  }),
  'gasket.chosen': z.strictObject({
    mark: words(80),
    by: z.enum(['stand-out', 'old-gasket']),
    words: words(400).optional(),
  }),
};
