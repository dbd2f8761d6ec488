import { z } from 'zod';
import type { RunningClearanceInput } from '@cardinex/core/crank/runningClearance';
import { list, mm } from '../fields';
import { figure, gapVerdict, reason } from '../found';
import { reckoning } from '../reckoning';

/** What a clearance or a float may be. */
export const clearanceLimits = z
  .strictObject({
    lowMm: mm.fromZero('Least, inclusive; not checked where absent').exactOptional(),
    highMm: mm.fromZero('Greatest, inclusive; not checked where absent').exactOptional(),
  })
  .describe('What the manual allows');

export const runningClearance = reckoning({
  summary: 'Running clearance of a bearing on its journal, at its smallest and its largest',
  input: z.strictObject({
    boreMm: list(
      mm.positive('A diameter of the bearing’s bore'),
      [1, 50],
      'Readings of the bearing with its cap pulled, in any order',
    ),
    journalMm: list(
      mm.positive('A diameter of the journal'),
      [1, 50],
      'Readings of the journal, in any order',
    ),
    limits: clearanceLimits,
  }) satisfies z.ZodType<RunningClearanceInput>,
  answer: z.strictObject({
    smallestMm: figure('Least bore less largest journal; negative where it would bind'),
    largestMm: figure('Greatest bore less least journal'),
    smallest: gapVerdict('The smallest against the low limit'),
    largest: gapVerdict('The largest against the high limit'),
    reason,
  }),
  example: {
    boreMm: [80.06, 80.07],
    journalMm: [79.99, 80],
    limits: { lowMm: 0.05, highMm: 0.1 },
  },
});
