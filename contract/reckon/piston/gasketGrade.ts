import { z } from 'zod';
import type { GasketGradeInput } from '@cardinex/core/piston/gasketGrade';
import { cylinder, list, mm, oneOf } from '../fields';
import { clearanceVerdict, figure, flag, listOf, reason, text, verdict } from '../found';
import { reckoning } from '../reckoning';

export const gasketGrade = reckoning({
  summary: 'The head gasket to take by how far the pistons stand over the deck',
  input: z.strictObject({
    pistons: list(
      z.strictObject({
        cylinder: cylinder('Its number, each once'),
        readingsMm: list(
          mm.signed('How far the crown stands over the deck; below it is negative'),
          [1, 16],
          'Readings over the pin, in any order',
        ),
      }),
      [1, 64],
      'In any order',
    ),
    grades: list(
      z.strictObject({
        mark: z
          .string('must be the mark, 1 to 40 characters')
          .min(1, 'must be the mark, 1 to 40 characters')
          .max(40, 'must be the mark, 1 to 40 characters')
          .describe('What stands on the gasket, each once'),
        overMm: mm
          .signed(
            'Stand-out from which it is taken, exclusive; where the grade below ends if absent',
          )
          .exactOptional(),
        uptoMm: mm.signed('Stand-out up to which it is taken, inclusive'),
        thicknessMm: mm.positive('Its thickness as compressed'),
      }),
      [1, 20],
      'In any order; they may not overlap',
    ),
    rule: oneOf(
      ['highest', 'mean', 'mean-then-highest'],
      'What the table is entered with: the highest mean of a piston, the mean of all, or the mean and one grade up for a piston that stands out too far',
    ),
    stepUpOverMm: mm
      .fromZero(
        'With mean-then-highest: by how much one piston may exceed the grade of the mean; 0 where absent',
      )
      .exactOptional(),
    minClearanceMm: mm
      .fromZero('Least clearance between crown and head, inclusive; not checked where absent')
      .exactOptional(),
  }) satisfies z.ZodType<GasketGradeInput>,
  answer: z.strictObject({
    verdict: verdict(
      ['graded', 'above-table', 'below-table', 'between-grades'],
      'graded = a grade was found; the others give none',
    ),
    mark: text('The gasket to take; null where none was found').nullable(),
    thicknessMm: figure('Its thickness as compressed; null where none was found').nullable(),
    byMm: figure('The stand-out the table was entered with'),
    meanMm: figure('Mean of the pistons’ means'),
    highestMm: figure('The highest mean of a piston'),
    highestCylinder: figure('Whose that is'),
    steppedUp: flag('One grade up from that of the mean, for the highest piston’s sake'),
    pistons: listOf(
      z.strictObject({
        cylinder: figure('As it was sent'),
        meanMm: figure('Mean of its readings; below the deck is negative'),
        rockMm: figure(
          'Largest reading less smallest: it rocks on its pin, or lies on dirt; null with one reading',
        ).nullable(),
        clearanceMm: figure(
          'Crown to head, gasket compressed; absent while no grade is found',
        ).exactOptional(),
        verdict: clearanceVerdict('Its clearance'),
      }),
      'In the order sent',
    ),
    clearance: clearanceVerdict('All of them together'),
    reason,
  }),
  example: {
    pistons: [
      { cylinder: 1, readingsMm: [0.46, 0.48] },
      { cylinder: 2, readingsMm: [0.5, 0.52] },
    ],
    grades: [
      { mark: 'one hole', overMm: 0.35, uptoMm: 0.48, thicknessMm: 1.2 },
      { mark: 'two holes', overMm: 0.48, uptoMm: 0.56, thicknessMm: 1.3 },
    ],
    rule: 'highest',
    minClearanceMm: 0.7,
  },
});
