import { z } from 'zod';
import type { BarringPlanInput } from '@cardinex/core/overhead/barringPlan';
import { deg, list, oneOf } from '../fields';
import { figure, listOf, reason, text } from '../found';
import { reckoning } from '../reckoning';
import { FOUR_CYLINDERS, overhead } from './engine';

export const barringPlan = reckoning({
  summary: 'The fewest positions of the crank at which everything can be set; exact',
  input: z.strictObject({
    ...overhead,
    stops: z
      .union(
        [
          oneOf(['tdc', 'any'], 'tdc = any cylinder’s top, firing or overlap; any = whole degrees'),
          list(deg.signed('An angle after cylinder 1’s firing top'), [1, 720], 'Only these'),
        ],
        'must be "tdc", "any" or a list of 1 to 720 degrees',
      )
      .describe('Where the crank may be stopped'),
    startDeg: deg
      .signed('Where the crank stands, after cylinder 1’s firing top; 0 where absent')
      .exactOptional(),
    prefer: oneOf(
      ['clearance', 'barring'],
      'What is worth more once positions are fewest: clearance = distance from the cams, barring = less turning; clearance where absent',
    ).exactOptional(),
  }) satisfies z.ZodType<BarringPlanInput>,
  answer: z.strictObject({
    positions: listOf(
      z.strictObject({
        atDeg: figure('Where to stop, after cylinder 1’s firing top'),
        barDeg: figure('How far to bar forward from the position before, or from the start'),
        rockingCylinders: listOf(
          figure('A cylinder'),
          'Cylinders to see at their overlap here before anything is set: one turn out inverts the plan',
        ),
        set: listOf(
          z.strictObject({
            id: text('An item’s id'),
            clearanceDeg: figure('How far its window is from here'),
          }),
          'What is set here',
        ),
      }),
      'In the order reached going forward, never backward',
    ),
    totalBarDeg: figure('How far it is barred from start to last position'),
    smallestClearanceDeg: figure(
      'The least clearance of all; null when nothing can be set',
    ).nullable(),
    neverSettable: listOf(text('An item’s id'), 'What can be set at none of the stops'),
    reason,
  }),
  example: { ...FOUR_CYLINDERS, stops: [0, 360] },
});
