import { z } from 'zod';
import type { NutTravelInput } from '@cardinex/core/tightening/nutTravel';
import { holes, id, list } from '../fields';
import { figure, listOf, reason, text, verdict } from '../found';
import { reckoning } from '../reckoning';

export const nutTravel = reckoning({
  summary: 'Nuts that went farther or less far than their fellows',
  input: z.strictObject({
    nuts: list(
      z.strictObject({
        id: id('The nut’s name, each once'),
        holes: holes.fromZero(
          'How far it went, tightening, in holes for the bar; parts of one count',
        ),
      }),
      [1, 200],
      'In any order',
    ),
    toleranceHoles: holes.fromZero('How far one may be from the middle one, either way, inclusive'),
    expectedHoles: holes
      .fromZero('What the book expects, or the stretch of the stud comes to')
      .exactOptional(),
  }) satisfies z.ZodType<NutTravelInput>,
  answer: z.strictObject({
    medianHoles: figure('The middle one'),
    nuts: listOf(
      z.strictObject({
        id: text('As it was sent'),
        holes: figure('As it was sent'),
        offHoles: figure('Beyond the middle one; short of it is negative'),
        verdict: verdict(
          ['alike', 'odd', 'not-judged'],
          'odd = out of tolerance, not-judged = under three nuts were sent',
        ),
      }),
      'In the order sent',
    ),
    findings: listOf(
      verdict(
        ['alike', 'odd', 'too-few', 'all-off'],
        'alike = all within tolerance of the middle one, odd = some are not, too-few = under three, all-off = the middle one is away from what is expected',
      ),
      'What there is to say of all of them',
    ),
    reason,
  }),
  example: {
    nuts: [2, 2, 3, 2, 2, 2, 2, 2].map((holes, at) => ({ id: `${at + 1}`, holes })),
    toleranceHoles: 0.5,
    expectedHoles: 2,
  },
});
