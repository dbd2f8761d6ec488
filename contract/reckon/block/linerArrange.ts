import { z } from 'zod';
import type { LinerArrangeInput } from '@cardinex/core/block/arrange/input';
import { MOST_LINERS, MOST_SHIMS, MOST_SHIM_SIZES } from '@cardinex/core/block/linerArrange';
import { id, list, mm, rise, whole, yesNo } from '../fields';
import { figure, flag, listOf, reason, text, verdict } from '../found';
import { reckoning } from '../reckoning';
import { boreParts, standOutLimits } from './linerCheck';

export const linerArrange = reckoning({
  summary: 'Which liner goes into which bore, on which shims; exact',
  input: z.strictObject({
    bores: list(
      z.strictObject({
        ...boreParts,
        counterboreMm: mm.fromZero('Depth from the deck down to the ledge the flange stands on'),
      }),
      [1, MOST_LINERS],
      'In block order, from the cylinder-1 end',
    ),
    liners: list(
      z.strictObject({
        id: id('The liner’s name, each once; that of the bore it came from, where it has one'),
        flangeMm: mm.positive('Height of the flange, underside to top'),
        onlyBore: id('The one bore it fits').exactOptional(),
      }),
      [1, MOST_LINERS],
      'As many as bores, or more; where all else is equal the earlier in this list is taken',
    ),
    shims: list(
      z.strictObject({
        mm: mm.positive('Thickness, each once'),
        count: whole(0, 1000)('How many there are'),
      }),
      [0, MOST_SHIM_SIZES],
      'Shims there are, by thickness',
    ),
    shimRequired: yesNo('Whether every liner must stand on one shim at least'),
    maxShims: whole(0, MOST_SHIMS)('Most shims under one liner'),
    limits: z.strictObject(standOutLimits).describe('What the manual allows'),
    rise,
    targetMm: mm
      .signed('Stand-out to come near; the middle of the limits where absent')
      .exactOptional(),
  }) satisfies z.ZodType<LinerArrangeInput>,
  answer: z.strictObject({
    feasible: flag('Whether no limit is broken'),
    placement: listOf(
      z.strictObject({
        bore: text('A bore’s id'),
        liner: text('The liner that goes into it'),
        shimsMm: listOf(figure('A shim’s thickness'), 'Under its flange, thickest first'),
        standOutMm: figure('Flange less counterbore, with its shims; recessed is negative'),
        reason,
      }),
      'In the order of the bores; the nearest there is where it is not feasible',
    ),
    largestAdjacentMm: figure('Largest difference of neighbours of a bank; 0 where there are none'),
    offTargetMm: figure('How far the stand-outs are from the target, summed'),
    shimsUsed: figure('How many shims it takes'),
    moved: listOf(text('A bore’s id'), 'Bores that get another liner than that of their own id'),
    totalExcessMm: figure('All broken limits together; 0 when none is'),
    breaks: listOf(
      z.strictObject({
        kind: verdict(['height', 'adjacent', 'rise', 'group'], 'Which limit'),
        bores: listOf(text('A bore’s id'), 'The bores concerned'),
        excessMm: figure('How far beyond it'),
      }),
      'Limits that are broken',
    ),
    cure: listOf(
      z.strictObject({
        do: verdict(
          ['cut', 'shim', 'thicker'],
          'cut = its counterbore deeper, shim = other shims than are under it now, thicker = a liner with a thicker flange',
        ),
        bore: text('At which bore'),
        mm: figure(
          'How much to cut, how thick the shims in all, or by how much thicker the flange',
        ),
        insteadOfMm: figure(
          'With shim: the shims in all that they take the place of',
        ).exactOptional(),
        reason,
      }),
      'What, all together, would make it feasible; empty when it is',
    ),
    reason,
  }),
  example: {
    bores: [8, 8.01, 8, 8.02].map((counterboreMm, at) => ({ id: String(at + 1), counterboreMm })),
    liners: [8.06, 8.11, 8.08, 8.13].map((flangeMm, at) => ({ id: String(at + 1), flangeMm })),
    shims: [],
    shimRequired: false,
    maxShims: 0,
    limits: { lowMm: 0.05, highMm: 0.12, adjacentMm: 0.04 },
    rise: 'up',
  },
});
