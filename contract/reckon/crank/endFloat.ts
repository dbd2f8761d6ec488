import { z } from 'zod';
import type { EndFloatInput } from '@cardinex/core/crank/endFloat';
import { mm } from '../fields';
import { figure, gapVerdict, reason } from '../found';
import { reckoning } from '../reckoning';
import { clearanceLimits } from './runningClearance';

export const endFloat = reckoning({
  summary: 'End float of a shaft pushed one way and the other',
  input: z.strictObject({
    forwardMm: mm.signed('What the gauge reads with the shaft pushed one way'),
    backMm: mm.signed('What it reads with the shaft pushed the other way'),
    limits: clearanceLimits,
  }) satisfies z.ZodType<EndFloatInput>,
  answer: z.strictObject({
    mm: figure('Difference of the two readings, whichever is larger; never negative'),
    verdict: gapVerdict('The float'),
    reason,
  }),
  example: { forwardMm: 0.31, backMm: 0.12, limits: { lowMm: 0.1, highMm: 0.3 } },
});
