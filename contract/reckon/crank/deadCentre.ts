import { z } from 'zod';
import type { DeadCentreInput } from '@cardinex/core/crank/deadCentre';
import { deg } from '../fields';
import { figure, reason } from '../found';
import { reckoning } from '../reckoning';

export const deadCentre = reckoning({
  summary:
    'Top dead centre by a stop: the middle between where the piston meets it from either side',
  input: z.strictObject({
    stopForwardDeg: deg.signed(
      'What the wheel reads with the piston against the stop, turned in the running direction',
    ),
    stopBackDeg: deg.signed('The same, turned backward'),
  }) satisfies z.ZodType<DeadCentreInput>,
  answer: z.strictObject({
    tdcDeg: figure(
      'What the wheel reads at top: the middle of the shorter arc, 0 or above and below 360; firing and overlap are not told apart',
    ),
    correctionDeg: figure(
      'To be added to what the wheel reads, above −180 and up to 180, so that top reads 0',
    ),
    reason,
  }),
  example: { stopForwardDeg: 340, stopBackDeg: 24 },
});
