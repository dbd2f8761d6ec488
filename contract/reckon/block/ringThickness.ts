import { z } from 'zod';
import { RING_PLACES, type RingThicknessInput } from '@cardinex/core/block/ringThickness';
import { list, mm } from '../fields';
import { figure, limitVerdict, reason, verdict } from '../found';
import { reckoning } from '../reckoning';

export const ringThickness = reckoning({
  summary: 'Thickness of a ring at four places against the least, and how far it varies',
  input: z.strictObject({
    readingsMm: list(
      mm.positive('Thickness at one place'),
      [RING_PLACES, RING_PLACES],
      'Four readings, a quarter turn apart',
    ),
    newMm: mm.positive('Thickness when new').exactOptional(),
    limits: z
      .strictObject({
        minMm: mm.positive('Least thickness, inclusive'),
        spreadMm: mm
          .fromZero('Most that the readings may differ; not checked where absent')
          .exactOptional(),
      })
      .describe('What the manual allows'),
  }) satisfies z.ZodType<RingThicknessInput>,
  answer: z.strictObject({
    leastMm: figure('The smallest reading'),
    spreadMm: figure('Largest reading less smallest'),
    thickness: verdict(
      ['within', 'under', 'no-limit'],
      'The smallest reading against the least: under = below it; no-limit = none was given, so nothing was checked',
    ),
    spread: limitVerdict('How far it varies'),
    lostMm: figure('New less smallest reading; where the new thickness was given').exactOptional(),
    reason,
  }),
  example: {
    readingsMm: [4.98, 4.97, 4.99, 4.98],
    newMm: 5,
    limits: { minMm: 4.9, spreadMm: 0.03 },
  },
});
