import { z } from 'zod';
import type { RingGapInput } from '@cardinex/core/piston/ringGap';
import { id, list, mm, yesNo } from '../fields';
import { figure, listOf, reason, text, verdict } from '../found';
import { reckoning } from '../reckoning';

export const ringGap = reckoning({
  summary: 'End gaps of rings at the tightest place of the bore, and how much to file',
  input: z.strictObject({
    rings: list(
      z.strictObject({
        id: id('The ring’s name, each once'),
        measuredMm: mm.fromZero('Its end gap, squared in the bore'),
        measuredAtBoreMm: mm
          .positive('Diameter of the bore where it was squared; tightestBoreMm where absent')
          .exactOptional(),
        limit: z
          .union(
            [
              z.strictObject({
                lowMm: mm.fromZero('Least gap, inclusive'),
                highMm: mm.fromZero('Greatest gap, inclusive'),
              }),
              z.strictObject({
                perBoreMm: mm.positive('Least gap for each mm of boreMm'),
                toleranceMm: mm.fromZero('How far above that the gap may be, inclusive'),
              }),
            ],
            'must be lowMm and highMm, or perBoreMm and toleranceMm',
          )
          .describe('What the manual allows of it, in one of two ways; not checked where absent')
          .exactOptional(),
        fileable: yesNo('Where this ring differs from the rest').exactOptional(),
      }),
      [1, 20],
      'In any order',
    ),
    boreMm: mm.positive('Nominal diameter of the bore'),
    tightestBoreMm: mm
      .positive('Diameter of the bore where a ring is squeezed most; boreMm where absent')
      .exactOptional(),
    fileable: yesNo('False for rings supplied gapped: they are never filed'),
  }) satisfies z.ZodType<RingGapInput>,
  answer: z.strictObject({
    rings: listOf(
      z.strictObject({
        id: text('As it was sent'),
        correctedMm: figure(
          'Its gap at the tightest place: measured less π times the difference of bores',
        ),
        lowMm: figure('Least gap it was held against').exactOptional(),
        highMm: figure('Greatest gap it was held against').exactOptional(),
        verdict: verdict(
          ['within', 'file', 'do-not-file', 'reject', 'no-limit'],
          'file = below the least, do-not-file = below it and not to be filed, reject = above the greatest, no-limit = none was given',
        ),
        leastOffMm: figure('To be filed off, at least').exactOptional(),
        mostOffMm: figure('To be filed off, at most').exactOptional(),
        reason,
      }),
      'In the order sent',
    ),
    tightestBoreMm: figure('The diameter the gaps were brought to'),
    overall: verdict(
      ['within', 'out', 'no-limit'],
      'within = every ring was held against a limit and is inside it',
    ),
    reason,
  }),
  example: {
    rings: [
      { id: 'top', measuredMm: 0.3, limit: { lowMm: 0.35, highMm: 0.6 } },
      { id: 'second', measuredMm: 0.44, limit: { perBoreMm: 0.004, toleranceMm: 0.2 } },
      { id: 'oil', measuredMm: 0.4, limit: { lowMm: 0.3, highMm: 0.55 }, fileable: false },
    ],
    boreMm: 105,
    fileable: true,
  },
});
