import { z } from 'zod';
import { MOST_FRICTION, type PreloadInput } from '@cardinex/core/tightening/preload';
import { kn, mm, mpa, nm, positive } from '../fields';
import { figure, reason } from '../found';
import { reckoning } from '../reckoning';

const friction = positive(MOST_FRICTION);
const frictionRange = (where: string) =>
  z
    .tuple(
      [friction('The lowest it may be'), friction('The highest it may be')],
      'must be the lowest and the highest',
    )
    .describe(`Friction ${where}, lowest then highest: widens force or torque to a band`)
    .exactOptional();

export const preload = reckoning({
  summary: 'The clamp a torque gives, or the torque a clamp takes, and what the bolt bears',
  input: z.strictObject({
    diaMm: mm.positive('Nominal diameter of the thread'),
    pitchMm: mm.positive('Pitch of the thread'),
    torqueNm: nm
      .positive('Torque it is pulled to; exactly one of torqueNm and forceKn')
      .exactOptional(),
    forceKn: kn
      .positive('Clamp it is to give; exactly one of torqueNm and forceKn')
      .exactOptional(),
    muThread: friction('Friction in the thread'),
    muHead: friction('Friction under the head or nut'),
    bearingOuterMm: mm.positive('Outer diameter of the face that rubs under the head or nut'),
    bearingHoleMm: mm.positive('Diameter of the hole in that face'),
    yieldMpa: mpa.positive('Stress at which the bolt stretches for good').exactOptional(),
    muThreadRange: frictionRange('in the thread'),
    muHeadRange: frictionRange('under the head or nut'),
  }) satisfies z.ZodType<PreloadInput>,
  answer: z.strictObject({
    torqueNm: figure('The torque'),
    forceKn: figure('The clamp'),
    stressAreaMm2: figure('Area of the thread that bears it'),
    sigmaMpa: figure('Stress of the pull alone'),
    tauMpa: figure('Stress of the twist while it is tightened'),
    vonMisesMpa: figure('The two together'),
    shareOfYield: figure('vonMisesMpa over yieldMpa, where that was given').exactOptional(),
    band: z
      .strictObject({
        lowKn: figure('Clamp at the highest friction'),
        highKn: figure('Clamp at the lowest friction'),
      })
      .describe('What the torque gives over the range of friction, where one was given')
      .exactOptional(),
    shares: z
      .strictObject({
        clamp: figure('Into the clamp'),
        thread: figure('Into friction of the thread'),
        head: figure('Into friction under the head or nut'),
      })
      .describe('Where the torque goes, as shares of all: they add up to 1'),
    reason,
  }),
  example: {
    torqueNm: 85,
    diaMm: 12,
    pitchMm: 1.75,
    muThread: 0.12,
    muHead: 0.12,
    bearingOuterMm: 18,
    bearingHoleMm: 13.5,
    yieldMpa: 900,
    muThreadRange: [0.1, 0.16],
    muHeadRange: [0.1, 0.16],
  },
});
