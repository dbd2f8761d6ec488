import { z } from 'zod';
import type { InjectorSettingInput } from '@cardinex/core/overhead/injectorSetting';
import { mm, turns } from '../fields';
import { direction, figure, reason } from '../found';
import { reckoning } from '../reckoning';

export const injectorSetting = reckoning({
  summary: 'How far to turn the screw of a unit injector, by turns or by a height gauge',
  input: z.discriminatedUnion(
    'method',
    [
      z.strictObject({
        method: z.literal('turn').describe('turn = so many turns past the point of touch'),
        turns: turns.fromZero('Those turns, in'),
      }),
      z.strictObject({
        method: z.literal('height').describe('height = until the follower is as high as a gauge'),
        gaugeMm: mm.positive('Length of the gauge'),
        measuredMm: mm.positive('How high the follower stands now'),
        pitchMm: mm.positive('Pitch of the screw'),
      }),
    ],
    { error: 'must have a method: turn or height' },
  ) satisfies z.ZodType<InjectorSettingInput>,
  answer: z.strictObject({
    turns: figure('How many turns; never negative'),
    deg: figure('The same in degrees'),
    flats: figure('The same in flats of a hexagon: sixths of a turn'),
    quarterTurns: figure('The same in quarter turns'),
    direction,
    reason,
  }),
  example: { method: 'height', gaugeMm: 76.4, measuredMm: 76.9, pitchMm: 1 },
});
