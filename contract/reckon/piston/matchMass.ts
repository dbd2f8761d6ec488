import { z } from 'zod';
import type { MatchMassInput } from '@cardinex/core/piston/matchMass';
import { grams, id, list, yesNo } from '../fields';
import { figure, limitVerdict, listOf, reason, text } from '../found';
import { reckoning } from '../reckoning';

export const matchMass = reckoning({
  summary: 'How far pistons or rods differ in mass, or which two go opposite each other',
  input: z.strictObject({
    pieces: list(
      z.strictObject({ id: id('The piece’s name, each once'), grams: grams.positive('Its mass') }),
      [1, 64],
      'One set, in any order; an even number where pairs are asked',
    ),
    limitGrams: grams
      .fromZero(
        'Most they may differ: the whole set, or the two of a pair; not checked where absent',
      )
      .exactOptional(),
    pairs: yesNo('Whether to pair them for an opposed engine; false where absent').exactOptional(),
  }) satisfies z.ZodType<MatchMassInput>,
  answer: z.strictObject({
    spreadGrams: figure('Heaviest less lightest'),
    lightest: text('The lightest piece’s id'),
    heaviest: text('The heaviest piece’s id'),
    pairs: listOf(
      z.strictObject({
        ids: z
          .tuple([text('A piece’s id'), text('The other’s')])
          .describe('The two that go opposite each other, the lighter first'),
        differenceGrams: figure('Heavier less lighter'),
        verdict: limitVerdict('Their difference'),
      }),
      'Where pairs were asked, the pair of the lightest first',
    ).exactOptional(),
    largestDifferenceGrams: figure('Of all pairs; where pairs were asked').exactOptional(),
    verdict: limitVerdict('The pairs where pairs were asked, else the spread'),
    excessGrams: figure('What the heavier has to lose to come within; 0 when it is'),
    reason,
  }),
  example: {
    pieces: [902, 911, 904, 909].map((grams, at) => ({ id: String(at + 1), grams })),
    limitGrams: 4,
    pairs: true,
  },
});
