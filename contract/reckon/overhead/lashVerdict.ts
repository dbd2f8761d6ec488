import { z } from 'zod';
import type { LashVerdictInput } from '@cardinex/core/overhead/lashVerdict';
import { mm } from '../fields';
import { figure, gapVerdict, reason, verdict } from '../found';
import { reckoning } from '../reckoning';

export const lashVerdict = reckoning({
  summary: 'A valve gap as found, set, locked and hot, against its limits',
  input: z.strictObject({
    lowMm: mm.fromZero('Least gap, cold, inclusive'),
    highMm: mm.fromZero('Greatest gap, cold, inclusive'),
    foundMm: mm.signed('The gap as found').exactOptional(),
    setMm: mm.signed('The gap as set, before the lock nut is pulled').exactOptional(),
    lockedMm: mm.signed('The gap with the lock nut pulled').exactOptional(),
    hotMm: mm.signed('The gap hot').exactOptional(),
    hotLowMm: mm.fromZero('Least gap, hot, inclusive; with hotHighMm').exactOptional(),
    hotHighMm: mm.fromZero('Greatest gap, hot, inclusive; with hotLowMm').exactOptional(),
  }) satisfies z.ZodType<LashVerdictInput>,
  answer: z.strictObject({
    found: gapVerdict('As found').exactOptional(),
    set: gapVerdict('As set').exactOptional(),
    locked: gapVerdict('As locked').exactOptional(),
    hot: gapVerdict('Hot, against the hot limits').exactOptional(),
    shiftMm: figure('Locked less set: what pulling the lock nut did').exactOptional(),
    counts: z
      .strictObject({
        reading: verdict(['found', 'set', 'locked', 'hot'], 'Which of them'),
        mm: figure('What it read'),
        verdict: gapVerdict('That reading'),
      })
      .describe('The reading that counts: hot, else locked, else set, else found; absent with none')
      .exactOptional(),
    reason,
  }),
  example: { lowMm: 0.3, highMm: 0.35, foundMm: 0.42, setMm: 0.32, lockedMm: 0.34 },
});
