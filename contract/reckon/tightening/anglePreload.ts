import { z } from 'zod';
import type { AnglePreloadInput } from '@cardinex/core/tightening/anglePreload';
import { deg, kn, mm } from '../fields';
import { figure, reason } from '../found';
import { reckoning } from '../reckoning';

export const anglePreload = reckoning({
  summary: 'The clamp that turning by an angle adds',
  input: z.strictObject({
    startKn: kn.fromZero('What clamps already when the turn begins'),
    angleDeg: deg.positive('How far it is turned, tightening'),
    pitchMm: mm.positive('Pitch of the thread'),
    fastenerKnPerMm: kn.positive('Stiffness of the bolt: kilonewtons for a millimetre of stretch'),
    jointKnPerMm: kn.positive(
      'Stiffness of what it clamps: kilonewtons for a millimetre of squeeze',
    ),
  }) satisfies z.ZodType<AnglePreloadInput>,
  answer: z.strictObject({
    addedKn: figure('What the turn adds'),
    endKn: figure('What clamps after it'),
    travelMm: figure('How far nut or head travels along the thread'),
    knPerDeg: figure('What each degree adds'),
    reason,
  }),
  example: {
    startKn: 20,
    angleDeg: 90,
    pitchMm: 1.75,
    fastenerKnPerMm: 180,
    jointKnPerMm: 720,
  },
});
