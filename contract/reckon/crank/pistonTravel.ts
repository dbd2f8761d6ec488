import { z } from 'zod';
import type { PistonTravelInput } from '@cardinex/core/crank/pistonTravel';
import { deg, mm } from '../fields';
import { figure, reason } from '../found';
import { reckoning } from '../reckoning';

export const pistonTravel = reckoning({
  summary: 'How far a piston stands below its top at an angle of the crank',
  input: z.strictObject({
    crankDeg: deg.signed('Angle of the crank from true top, in the running direction'),
    strokeMm: mm.positive('The whole stroke'),
    rodMm: mm.positive('Length of the rod between the centres of its eyes'),
    offsetMm: mm
      .signed(
        'Offset of the pin or the bore: positive towards the side the crankpin goes to after top; 0 where absent',
      )
      .exactOptional(),
  }) satisfies z.ZodType<PistonTravelInput>,
  answer: z.strictObject({
    belowTopMm: figure('How far below its highest place; never negative'),
    reason,
  }),
  example: { crankDeg: 90, strokeMm: 118, rodMm: 205 },
});
