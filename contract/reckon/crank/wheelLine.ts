import { z } from 'zod';
import type { WheelLineInput } from '@cardinex/core/crank/wheelLine';
import { list, number, positive } from '../fields';
import { figure, reason, verdict } from '../found';
import { reckoning } from '../reckoning';

export const wheelLine = reckoning({
  summary:
    'Whether the wheels of a chain or belt run in one line, and the shim that brings them there',
  input: z.strictObject({
    readingsMm: list(
      number(
        -100,
        100,
        'mm',
      )('How far the crank’s wheel stands behind the line of the others; before it is negative'),
      [1, 12],
      'At several places of the crank, in any order',
    ),
    withinMm: positive(10, 'mm')('How far out of line, either way, it may stand; inclusive'),
    shimsMm: list(
      positive(20, 'mm')('Thickness of a shim'),
      [1, 20],
      'Sizes a shim comes in; any thickness where absent',
    ).exactOptional(),
  }) satisfies z.ZodType<WheelLineInput>,
  answer: z.strictObject({
    meanMm: figure('Mean of the readings; behind the line is positive'),
    wobbleMm: figure('Largest reading less smallest: a wheel not seated, or bent'),
    verdict: verdict(
      ['within', 'out', 'proud', 'wobbles'],
      'out = a shim cures it, proud = a shim less does, wobbles = neither does',
    ),
    shimMm: figure(
      'The shim to put behind it that leaves least; null where none would help',
    ).nullable(),
    leftMm: figure('How far out of line it then stands; before the line is negative'),
    stands: verdict(['behind', 'in-line', 'before'], 'On which side of the line it then stands'),
    reason,
  }),
  example: { readingsMm: [0.5, 0.45, 0.55], withinMm: 0.2, shimsMm: [0.3, 0.5, 0.7] },
});
