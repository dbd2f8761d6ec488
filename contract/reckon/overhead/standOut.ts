import { z } from 'zod';
import type { StandOutInput } from '@cardinex/core/overhead/standOut';
import { id, list, mm } from '../fields';
import { figure, listOf, reason, text, verdict } from '../found';
import { reckoning } from '../reckoning';

export const standOut = reckoning({
  summary: 'Adjusters that stand out of their rockers unlike their fellows',
  input: z.strictObject({
    items: list(
      z.strictObject({
        id: id('The adjuster’s name, each once'),
        mm: mm.signed('How far it stands out of its rocker, or above any one face'),
        kind: id('Those of one kind are compared with each other: inlet, exhaust').exactOptional(),
      }),
      [1, 200],
      'In any order; at least four of a kind are needed to tell an odd one',
    ),
    limitMm: mm
      .fromZero(
        'How far one may be from the middle one, inclusive; from their scatter where absent',
      )
      .exactOptional(),
  }) satisfies z.ZodType<StandOutInput>,
  answer: z.strictObject({
    items: listOf(
      z.strictObject({
        id: text('As it was sent'),
        kind: text('As it was sent; null where none was').nullable(),
        mm: figure('As it was sent'),
        offMm: figure('Beyond the middle one of its kind; short of it is negative'),
        verdict: verdict(
          ['alike', 'odd', 'not-judged'],
          'odd = farther off than the limit; not-judged = too few of its kind',
        ),
      }),
      'In the order sent',
    ),
    kinds: listOf(
      z.strictObject({
        kind: text('The kind; null for those without one').nullable(),
        medianMm: figure('The middle one'),
        limitMm: figure('How far one may be from it'),
        code: verdict(
          ['alike', 'odd', 'scattered', 'too-few'],
          'odd = some are; scattered = so uneven that none can be told to be; too-few = under four',
        ),
      }),
      'One for each kind',
    ),
    reason,
  }),
  example: {
    items: [8.1, 8.3, 8, 10.2, 8.2, 7.9].map((mm, at) => ({ id: `E${at + 1}`, mm })),
  },
});
