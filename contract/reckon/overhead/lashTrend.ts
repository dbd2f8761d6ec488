import { z } from 'zod';
import type { LashTrendInput } from '@cardinex/core/overhead/lashTrend';
import { list, mm, number } from '../fields';
import { figure, reason } from '../found';
import { reckoning } from '../reckoning';

const hours = number(0, 1_000_000, 'hours');
const readings = figure('How many readings there were');
const fit = {
  slopeMmPer1000h: figure('How fast the gap changes in 1000 hours; closing is negative'),
  slopeErrorMmPer1000h: figure('Standard error of that'),
  r2: figure('How much of what the readings differ by the line explains, 0 to 1'),
};
const reaches = {
  atHours: figure('When the line reaches the limit'),
  lowHours: figure('Earliest hours of the 90 % band'),
  highHours: figure('Latest hours of the 90 % band'),
};

export const lashTrend = reckoning({
  summary: 'When a valve gap that closes over the years will be at its limit',
  input: z.strictObject({
    readings: list(
      z.strictObject({
        hours: hours('Running hours of the engine, not falling from one to the next'),
        mm: mm.fromZero('The gap as found'),
        setMm: mm.fromZero('The gap as left; absent where left as found').exactOptional(),
      }),
      [1, 500],
      'In the order they were taken',
    ),
    closesAtMm: mm.signed('Gap at which the valve is no longer safe to run: its least'),
  }) satisfies z.ZodType<LashTrendInput>,
  answer: z.union([
    z.strictObject({
      code: z
        .enum(['fewer-than-three', 'same-hours'])
        .describe('Nothing to draw a line through: too few readings, or all at the same hours'),
      readings,
      reason,
    }),
    z.strictObject({
      code: z
        .enum(['not-closing', 'slope-not-sure'])
        .describe('No date can be given: it does not close, or that cannot be told from scatter'),
      readings,
      ...fit,
      reason,
    }),
    z.strictObject({
      code: z.literal('closing').describe('It closes, and will be at its limit'),
      readings,
      ...fit,
      ...reaches,
      reason,
    }),
    z.strictObject({
      code: z.literal('already-closed').describe('The last gap is at its limit or below'),
      readings,
      ...z.strictObject({ ...fit, ...reaches }).partial().shape,
      reason,
    }),
  ]),
  example: {
    readings: [
      { hours: 2100, mm: 0.41 },
      { hours: 4300, mm: 0.36, setMm: 0.4 },
      { hours: 6200, mm: 0.37, setMm: 0.4 },
      { hours: 8400, mm: 0.36 },
    ],
    closesAtMm: 0.2,
  },
});
