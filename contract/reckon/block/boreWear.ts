import { z } from 'zod';
import type { BoreWearInput } from '@cardinex/core/block/boreWear';
import { list, mm } from '../fields';
import { figure, limitVerdict, reason } from '../found';
import { reckoning } from '../reckoning';

const across = mm.positive('A diameter of the bore');
const pair = (height: string) =>
  z
    .tuple([across, across], 'must be two readings')
    .describe(`Two diameters ${height}: along the crank, then square to it`);

export const boreWear = reckoning({
  summary: 'Wear, taper and ovality of a bore, and the oversize that takes them up',
  input: z.strictObject({
    readingsMm: z
      .strictObject({
        top: pair('at the top of ring travel'),
        middle: pair('half-way down'),
        bottom: pair('at the bottom of ring travel'),
      })
      .describe('Two diameters at each of three heights'),
    nominalMm: mm.positive('Diameter of a standard bore'),
    limits: z
      .strictObject({
        wearMm: mm.fromZero('Most it may be over nominal').exactOptional(),
        taperMm: mm.fromZero('Most it may vary from top to bottom').exactOptional(),
        ovalityMm: mm.fromZero('Most it may be out of round').exactOptional(),
      })
      .describe('All inclusive; what is absent is not checked'),
    oversizesMm: list(
      mm.positive('An oversize, counted from nominal'),
      [0, 20],
      'Oversizes there are pistons for, each once, in any order',
    ).exactOptional(),
    cleanUpMm: mm
      .fromZero('Taken beyond the wear so that the bore cleans up; 0 where absent')
      .exactOptional(),
  }) satisfies z.ZodType<BoreWearInput>,
  answer: z.strictObject({
    wearMm: figure('Largest reading less nominal; negative where the bore is smaller'),
    taperMm: figure('Largest range over the heights in one direction'),
    ovalityMm: figure('Largest difference between the two readings of one height'),
    wear: limitVerdict('Its wear'),
    taper: limitVerdict('Its taper'),
    ovality: limitVerdict('Its ovality'),
    overall: limitVerdict('The worst of the three'),
    oversizeMm: figure(
      'Smallest oversize that takes up the wear, evenly worn; null where none does, absent while within',
    )
      .nullable()
      .exactOptional(),
    oneSidedOversizeMm: figure('The same where all the wear is on one side')
      .nullable()
      .exactOptional(),
    neededMm: figure(
      'How far over nominal cleans it up, evenly worn; absent while within',
    ).exactOptional(),
    oneSidedNeededMm: figure(
      'The same where all the wear is on one side: twice the wear',
    ).exactOptional(),
    reason,
  }),
  example: {
    readingsMm: { top: [100.12, 100.08], middle: [100.05, 100.04], bottom: [100.02, 100.01] },
    nominalMm: 100,
    limits: { wearMm: 0.1, taperMm: 0.1, ovalityMm: 0.05 },
    oversizesMm: [0.25, 0.5],
    cleanUpMm: 0.05,
  },
});
