import { z } from 'zod';
import { MOST_LOSS, type TensionerInput } from '@cardinex/core/tightening/tensioner';
import { bar, holes, mm, mpa, number, positive } from '../fields';
import { figure, listOf, reason } from '../found';
import { reckoning } from '../reckoning';

const stage = {
  bar: figure('The pressure'),
  jackLoadKn: figure('What one jack pulls at it'),
  loadLeftKn: figure('What stays in the stud once the nut is down and the pressure off'),
  stressMpa: figure('Stress of the stud while the jack pulls: the most it bears'),
  stretchMm: figure('How far the stud stretches'),
  nutTurnDeg: figure('How far the nut follows, from hand tight'),
  holes: figure('The same in holes round the nut, where they were given').exactOptional(),
};

export const tensioner = reckoning({
  summary: 'Studs stretched by jacks: load left, stress, stretch, and how far the nut follows',
  input: z.strictObject({
    pressureBar: bar.positive('Pressure on the jacks'),
    areaMm2: positive(1e7, 'mm²')('Effective area of one jack'),
    studMm: mm.positive('Stressed diameter of the stud'),
    stretchLengthMm: mm.positive('Length of the stud that stretches'),
    modulusGpa: positive(1000, 'GPa')('Young’s modulus of the stud: about 205 for steel'),
    pitchMm: mm.positive('Pitch of its thread'),
    holesPerTurn: holes.positive('Holes round the nut for the bar').exactOptional(),
    transferLoss: number(
      0,
      MOST_LOSS,
    )('Share of the jack’s load that is lost when the pressure is let off'),
    yieldMpa: mpa.positive('Stress at which the stud stretches for good').exactOptional(),
  }) satisfies z.ZodType<TensionerInput>,
  answer: z.strictObject({
    ...stage,
    shareOfYield: figure('stressMpa over yieldMpa, where that was given').exactOptional(),
    stages: listOf(z.strictObject(stage), 'At half the pressure, then at all of it'),
    checkBar: figure('Pressed again to this once all is done: no nut may move'),
    reason,
  }),
  example: {
    pressureBar: 1000,
    areaMm2: 1600,
    studMm: 36,
    stretchLengthMm: 600,
    modulusGpa: 205,
    pitchMm: 3,
    holesPerTurn: 6,
    transferLoss: 0.1,
    yieldMpa: 700,
  },
});
