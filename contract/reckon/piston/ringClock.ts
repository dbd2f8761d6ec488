import { z } from 'zod';
import { MOST_RINGS, type RingClockInput } from '@cardinex/core/piston/ringClock';
import { deg, id, list, oneOf } from '../fields';
import { figure, listOf, reason, text, verdict } from '../found';
import { reckoning } from '../reckoning';

export const ringClock = reckoning({
  summary: 'Where the gaps of the rings go round a piston',
  input: z.strictObject({
    rings: list(
      z.strictObject({
        id: id('The ring’s name, each once'),
        kind: oneOf(
          ['compression', 'oil', 'expander'],
          'An expander is not counted: its joint goes opposite the gap of its oil ring, the one before it in the list, else after',
        ),
      }),
      // Each may be followed by an expander.
      [1, 2 * MOST_RINGS],
      'From the crown down: one to six besides expanders',
    ),
    rule: oneOf(
      ['even', 'opposed'],
      'even = spread evenly and neighbours as far apart as can be, opposed = each opposite the one above',
    ),
    pinDeg: z
      .literal(0, 'must be 0: degrees are counted from the pin')
      .describe('Where degrees begin: the pin end towards the named end of the engine'),
    thrustDeg: z
      .union([z.literal(90), z.literal(270)], 'must be 90 or 270')
      .describe(
        'The thrust side: 90 where the crank turns clockwise seen from the named end, else 270',
      ),
    keepClearDeg: deg.fromZero(
      'Least distance of a gap from either pin end and from the thrust side, inclusive',
    ),
  }) satisfies z.ZodType<RingClockInput>,
  answer: z.strictObject({
    places: listOf(
      z.strictObject({
        id: text('As it was sent'),
        deg: figure('Where its gap goes: clockwise seen from above the crown, from pinDeg'),
        clearDeg: figure(
          'To the nearest of pin ends and thrust side; absent for an expander',
        ).exactOptional(),
      }),
      'In the order sent',
    ),
    smallestSeparationDeg: figure(
      'Between the gaps of rings next to each other; null with a single ring',
    ).nullable(),
    leastClearDeg: figure('The least clearDeg of all'),
    verdict: verdict(['clear', 'too-near'], 'Whether keepClearDeg is met by all'),
    tooNear: listOf(text('A ring’s id'), 'Rings whose gap comes nearer than asked'),
    reason,
  }),
  example: {
    rings: [
      { id: 'top', kind: 'compression' },
      { id: 'second', kind: 'compression' },
      { id: 'oil', kind: 'oil' },
      { id: 'spring', kind: 'expander' },
    ],
    rule: 'even',
    pinDeg: 0,
    thrustDeg: 90,
    keepClearDeg: 20,
  },
});
