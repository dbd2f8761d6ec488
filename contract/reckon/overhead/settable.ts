import { z } from 'zod';
import type { SettableInput } from '@cardinex/core/overhead/settable';
import { deg } from '../fields';
import { figure, listOf, reason, text, verdict } from '../found';
import { reckoning } from '../reckoning';
import { FOUR_CYLINDERS, overhead } from './engine';

export const settable = reckoning({
  summary: 'What can be set where the crank stands, and the stroke each cylinder is on',
  input: z.strictObject({
    ...overhead,
    atDeg: deg.signed('Where the crank stands, after cylinder 1’s firing top'),
  }) satisfies z.ZodType<SettableInput>,
  answer: z.strictObject({
    items: listOf(
      z.strictObject({
        id: text('As it was sent'),
        clearanceDeg: figure('How far its window is from here; inside it is negative'),
        verdict: verdict(
          ['settable', 'near', 'lifted'],
          'near = off the cam, but nearer than the margin; lifted = the cam is on it',
        ),
      }),
      'In the order sent',
    ),
    cylinders: listOf(
      z.strictObject({
        cylinder: figure('Its number'),
        localDeg: figure('Where it is in its own cycle, after its firing top'),
        stroke: verdict(
          ['power', 'exhaust', 'intake', 'compression', 'overlap'],
          'overlap = within 30 degrees of the top between exhaust and inlet',
        ),
        companions: listOf(
          figure('A cylinder'),
          'Cylinders half a cycle apart: one fires while the other overlaps; none in a two-stroke',
        ),
      }),
      'In the order sent',
    ),
    reason,
  }),
  example: { ...FOUR_CYLINDERS, atDeg: 0 },
});
