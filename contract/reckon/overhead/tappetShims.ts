import { z } from 'zod';
import {
  MOST_SIZES,
  MOST_VALVES,
  type TappetShimsInput,
} from '@cardinex/core/overhead/tappetShims';
import { id, list, mm, whole } from '../fields';
import { figure, listOf, reason, text } from '../found';
import { reckoning } from '../reckoning';

export const tappetShims = reckoning({
  summary: 'A shim for every valve, from those taken out and a stock; exact',
  input: z.strictObject({
    valves: list(
      z.strictObject({
        id: id('The valve’s name, each once'),
        measuredMm: mm.fromZero('Its gap as it is, over the shim that is in'),
        fittedMm: mm.positive('Thickness of that shim'),
      }),
      [1, MOST_VALVES],
      'In any order',
    ),
    lowMm: mm.fromZero('Least gap, inclusive'),
    highMm: mm.fromZero('Greatest gap, inclusive; 10 mm above the least at most'),
    targetMm: mm
      .fromZero('Gap to come near, within the limits; their middle where absent')
      .exactOptional(),
    stock: list(
      z.strictObject({
        mm: mm.positive('Thickness, each once'),
        count: whole(0, 10_000)('How many there are'),
      }),
      [0, MOST_SIZES],
      'Shims to be had besides those taken out, in any order',
    ),
  }) satisfies z.ZodType<TappetShimsInput>,
  answer: z.strictObject({
    shims: listOf(
      z.strictObject({
        id: text('A valve’s id'),
        shimMm: figure('The shim that goes in'),
        gapMm: figure('The gap it then has'),
        from: text(
          'The valve it comes out of, this one itself where it stays; null from the stock',
        ).nullable(),
        reason,
      }),
      'For each valve that one was found for, in the order sent',
    ),
    unserved: listOf(
      z.strictObject({
        id: text('A valve’s id'),
        lowMm: figure('Thinnest shim that would do'),
        highMm: figure('Thickest shim that would do'),
        bestMm: figure('The one that comes nearest the target'),
        reason,
      }),
      'Valves for which nothing is left that fits',
    ),
    bought: figure('How many come from the stock'),
    take: listOf(
      z.strictObject({ mm: figure('Thickness'), count: figure('How many of it') }),
      'What to take from the stock',
    ),
    sumOffMm: figure('How far the gaps are from the target, summed over the valves that have one'),
    reason,
  }),
  example: {
    valves: [
      { id: 'E1', measuredMm: 0.3, fittedMm: 3.1 },
      { id: 'I1', measuredMm: 0.5, fittedMm: 3 },
      { id: 'E2', measuredMm: 0.7, fittedMm: 3.2 },
    ],
    lowMm: 0.35,
    highMm: 0.45,
    stock: [{ mm: 3.5, count: 2 }],
  },
});
