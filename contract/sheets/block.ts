import { z } from 'zod';
import { plainId, truth, whole, words } from '../text';
import {
  cylinder,
  lengthFigure,
  lengthLimits,
  listOf,
  oneOf,
  sourced,
  statement,
  volumeFigure,
} from './figures';

const heights = z.strictObject({
  school: oneOf(['proud', 'on-shims', 'flush', 'recessed']),
  low: lengthFigure.exactOptional().describe('Above the deck; a recess is negative.'),
  high: lengthFigure.exactOptional(),
  adjacent: lengthFigure.exactOptional().describe('Most that neighbours may differ.'),
  tilt: lengthFigure.exactOptional().describe('Most that the readings of one liner may differ.'),
  groupSpread: lengthFigure.exactOptional().describe('Most that liners under one head may differ.'),
  rise: oneOf(['none', 'either', 'up', 'down']),
  readWhile: oneOf(['held-down', 'free']).exactOptional(),
  places: listOf(words(40), 4, 2).describe('Places read on each liner.'),
  headGroups: listOf(listOf(cylinder, 24, 1), 24).exactOptional(),
  shims: z
    .strictObject({ sizes: listOf(lengthFigure, 20, 1), required: truth, most: whole(1, 10) })
    .exactOptional(),
  seals: z.strictObject({ each: whole(1, 10), says: words(400), ...sourced }).exactOptional(),
  clamp: statement.exactOptional(),
});

export const liners = z.discriminatedUnion(
  'school',
  [z.strictObject({ school: oneOf(['none', 'dry']), ...sourced }), heights],
  { error: 'must have a school: none, dry, proud, on-shims, flush or recessed' },
);

export const bores = z.strictObject({
  wear: lengthFigure.exactOptional(),
  taper: lengthFigure.exactOptional(),
  ovality: lengthFigure.exactOptional(),
  oversizes: listOf(lengthFigure, 12).exactOptional(),
  honing: statement.exactOptional(),
});

export const journals = listOf(
  z.strictObject({
    id: plainId,
    name: words(60),
    count: whole(1, 60),
    thrust: whole(1, 60)
      .exactOptional()
      .describe('The bearing that carries the thrust, counted from the end cylinder 1 is at.'),
    standard: lengthLimits,
    undersizes: listOf(lengthFigure, 12).exactOptional(),
    minimum: lengthFigure.exactOptional(),
    ovality: lengthFigure.exactOptional(),
    clearance: lengthLimits.exactOptional(),
    endFloat: lengthLimits.exactOptional(),
  }),
  12,
);

export const head = z.strictObject({
  camInHead: truth,
  chamber: volumeFigure.exactOptional(),
  flatness: lengthFigure.exactOptional(),
  standardThickness: lengthFigure.exactOptional(),
  repairThickness: lengthFigure.exactOptional(),
  cutAllowance: lengthFigure.exactOptional(),
  cut: z
    .strictObject({ allowed: truth, says: words(400), ...sourced })
    .exactOptional()
    .describe('What the maker says of cutting its face; leave out where he is silent.'),
});

export const gasket = z.strictObject({
  grades: listOf(
    z.strictObject({
      mark: words(40),
      over: lengthFigure.exactOptional().describe('Exclusive.'),
      upTo: lengthFigure.describe('Inclusive.'),
      thickness: lengthFigure.describe('As compressed.'),
    }),
    12,
  ).exactOptional(),
  rule: oneOf(['highest', 'mean', 'mean-then-highest']).exactOptional(),
  stepUpOver: lengthFigure.exactOptional(),
  minClearance: lengthFigure.exactOptional(),
  hole: lengthFigure.exactOptional().describe('Over a cylinder.'),
  lies: statement.exactOptional(),
  dressing: statement.exactOptional(),
});

export const sealingRing = z.strictObject({
  new: lengthFigure.exactOptional(),
  least: lengthFigure,
  spread: lengthFigure.exactOptional(),
});
