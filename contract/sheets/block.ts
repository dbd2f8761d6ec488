import { z } from 'zod';
import { plainId, words } from '../text';
import {
  cylinder,
  lengthFigure,
  lengthLimits,
  listOf,
  oneOf,
  sourced,
  statement,
  truth,
  volumeFigure,
  whole,
} from './figures';

const heights = z.strictObject({
  school: oneOf(['proud', 'on-shims', 'flush', 'recessed']),
  low: lengthFigure.optional().describe('Above the deck; a recess is negative.'),
  high: lengthFigure.optional(),
  adjacent: lengthFigure.optional().describe('Most that neighbours may differ.'),
  tilt: lengthFigure.optional().describe('Most that the readings of one liner may differ.'),
  groupSpread: lengthFigure.optional().describe('Most that liners under one head may differ.'),
  rise: oneOf(['none', 'either', 'up', 'down']),
  readWhile: oneOf(['held-down', 'free']).optional(),
  places: listOf(words(40), 4, 2).describe('Places read on each liner.'),
  headGroups: listOf(listOf(cylinder, 24, 1), 24).optional(),
  shims: z
    .strictObject({ sizes: listOf(lengthFigure, 20, 1), required: truth, most: whole(1, 10) })
    .optional(),
  seals: z.strictObject({ each: whole(1, 10), says: words(400), ...sourced }).optional(),
  clamp: statement.optional(),
});

export const liners = z.discriminatedUnion(
  'school',
  [z.strictObject({ school: oneOf(['none', 'dry']), ...sourced }), heights],
  { error: 'must have a school: none, dry, proud, on-shims, flush or recessed' },
);

export const bores = z.strictObject({
  wear: lengthFigure.optional(),
  taper: lengthFigure.optional(),
  ovality: lengthFigure.optional(),
  oversizes: listOf(lengthFigure, 12).optional(),
  honing: statement.optional(),
});

export const journals = listOf(
  z.strictObject({
    id: plainId,
    name: words(60),
    count: whole(1, 60),
    standard: lengthLimits,
    undersizes: listOf(lengthFigure, 12).optional(),
    minimum: lengthFigure.optional(),
    ovality: lengthFigure.optional(),
    clearance: lengthLimits.optional(),
    endFloat: lengthLimits.optional(),
  }),
  12,
);

export const head = z.strictObject({
  camInHead: truth,
  chamber: volumeFigure.optional(),
  flatness: lengthFigure.optional(),
  standardThickness: lengthFigure.optional(),
  repairThickness: lengthFigure.optional(),
  cutAllowance: lengthFigure.optional(),
  cut: z
    .strictObject({ allowed: truth, says: words(400), ...sourced })
    .optional()
    .describe('What the maker says of cutting its face; leave out where he is silent.'),
});

export const gasket = z.strictObject({
  grades: listOf(
    z.strictObject({
      mark: words(40),
      over: lengthFigure.optional().describe('Exclusive.'),
      upTo: lengthFigure.describe('Inclusive.'),
      thickness: lengthFigure.describe('As compressed.'),
    }),
    12,
  ).optional(),
  rule: oneOf(['highest', 'mean', 'mean-then-highest']).optional(),
  stepUpOver: lengthFigure.optional(),
  minClearance: lengthFigure.optional(),
  hole: lengthFigure.optional().describe('Over a cylinder.'),
  lies: statement.optional(),
  dressing: statement.optional(),
});

export const sealingRing = z.strictObject({
  new: lengthFigure.optional(),
  least: lengthFigure,
  spread: lengthFigure.optional(),
});
