import { z } from 'zod';
import type { LinerCheckInput } from '@cardinex/core/block/linerCheck';
import { id, list, mm, rise } from '../fields';
import { figure, flag, limitVerdict, listOf, reason, text, verdict } from '../found';
import { reckoning } from '../reckoning';

const bores = (description: string) => listOf(text('A bore’s id'), description);

/** Limits of how liners stand, checked or placed. */
export const standOutLimits = {
  lowMm: mm.signed('Least stand-out of a liner, inclusive; recessed below the deck is negative'),
  highMm: mm.signed('Greatest stand-out, inclusive'),
  adjacentMm: mm
    .fromZero('Most that two neighbours of one bank may differ; not checked where absent')
    .exactOptional(),
  groupSpreadMm: mm
    .fromZero('Most that the liners under one head may differ; not checked where absent')
    .exactOptional(),
};

/** Where a bore lies in the block. */
export const boreParts = {
  id: id('The bore’s name, each once'),
  bank: id('The bank it lies in; neighbours are compared within a bank').exactOptional(),
  headGroup: id('The head it lies under; the spread is taken over these').exactOptional(),
};

export const linerCheck = reckoning({
  summary: 'Liner stand-out: height, tilt, neighbours, order of heights, spread under a head',
  input: z.strictObject({
    bores: list(
      z.strictObject({
        ...boreParts,
        readingsMm: list(
          mm.signed('Stand-out of the flange over the deck at one place; recessed is negative'),
          [1, 64],
          'Readings round the flange, in any order',
        ),
      }),
      [1, 64],
      'In block order, from the cylinder-1 end',
    ),
    limits: z
      .strictObject({
        ...standOutLimits,
        tiltMm: mm
          .fromZero('Most that the readings of one liner may differ; not checked where absent')
          .exactOptional(),
      })
      .describe('What the manual allows'),
    rise,
  }) satisfies z.ZodType<LinerCheckInput>,
  answer: z.strictObject({
    bores: listOf(
      z.strictObject({
        id: text('As it was sent'),
        meanMm: figure('Mean of its readings; recessed is negative'),
        tiltMm: figure('Largest reading less smallest; null with a single reading').nullable(),
        verdict: verdict(
          ['within', 'low', 'high'],
          'Its mean against the limits: low = below the least, high = above the greatest',
        ),
        tiltVerdict: limitVerdict('Its tilt'),
        readingOutside: flag('One reading is out of limits although the mean is in'),
        reason,
      }),
      'One for each bore, in the order sent',
    ),
    differences: listOf(
      z.strictObject({
        from: text('A bore’s id'),
        to: text('The next bore of the same bank'),
        mm: figure('Mean of `to` less mean of `from`: positive where the next stands higher'),
        verdict: limitVerdict('Its size, whichever way'),
        reason,
      }),
      'From each bore to the next of its bank, in block order',
    ),
    rise: listOf(
      z.strictObject({
        bank: text('The bank; null where none were named').nullable(),
        direction: verdict(
          ['up', 'down'],
          'Which way it was held: up = may not fall, down = may not rise',
        ),
        verdict: verdict(['within', 'broken'], 'Whether the order of heights holds'),
        breaks: listOf(
          z.strictObject({
            from: text('A bore’s id'),
            to: text('The next bore of the bank'),
            excessMm: figure('How far beyond what counts as equal, 0.005 mm'),
          }),
          'Neighbours at which it breaks',
        ),
        reason,
      }),
      'One for each bank; empty where the order of heights is free',
    ),
    groups: listOf(
      z.strictObject({
        headGroup: text('The head'),
        spreadMm: figure('Highest mean under it less lowest'),
        verdict: limitVerdict('Its spread'),
      }),
      'One for each head that was named',
    ),
    overall: verdict(['within', 'out'], 'Whether all that was checked holds'),
    first: z
      .strictObject({
        kind: verdict(
          ['tilt', 'height', 'adjacent', 'group', 'rise'],
          'What is out; the first of these that is',
        ),
        bores: bores('The bores concerned: one, two neighbours, or those of a head'),
        excessMm: figure('How far beyond its limit'),
      })
      .nullable()
      .describe('What to put right first; null when nothing is out'),
    reason,
  }),
  example: {
    bores: [
      { id: '1', readingsMm: [0.07, 0.08] },
      { id: '2', readingsMm: [0.08, 0.08] },
      { id: '3', readingsMm: [0.07, 0.11] },
      { id: '4', readingsMm: [0.1, 0.11] },
    ],
    limits: { lowMm: 0.05, highMm: 0.12, adjacentMm: 0.03, tiltMm: 0.03 },
    rise: 'up',
  },
});
