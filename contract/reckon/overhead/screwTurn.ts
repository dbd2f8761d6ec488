import { z } from 'zod';
import type { ScrewTurnInput } from '@cardinex/core/overhead/screwTurn';
import { mm, yesNo } from '../fields';
import { direction, figure, reason } from '../found';
import { reckoning } from '../reckoning';
import { rockerRatio, screwAt } from './screw';

export const screwTurn = reckoning({
  summary: 'How far to turn an adjusting screw, and which way, for a gap to come right',
  input: z.strictObject({
    measuredMm: mm.signed('The gap as it is, at the valve'),
    targetMm: mm.signed('The gap wanted'),
    pitchMm: mm.positive('Pitch of the screw'),
    rockerRatio,
    screwAt,
    inCloses: yesNo('Whether turning in closes the gap; true where absent').exactOptional(),
  }) satisfies z.ZodType<ScrewTurnInput>,
  answer: z.strictObject({
    turns: figure('How many turns; never negative'),
    deg: figure('The same in degrees'),
    direction,
    reason,
  }),
  example: {
    measuredMm: 0.45,
    targetMm: 0.3,
    pitchMm: 1,
    rockerRatio: 1.5,
    screwAt: 'pushrod',
  },
});
