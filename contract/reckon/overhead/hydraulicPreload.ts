import { z } from 'zod';
import type { HydraulicPreloadInput } from '@cardinex/core/overhead/hydraulicPreload';
import { mm, turns } from '../fields';
import { figure, reason, verdict } from '../found';
import { reckoning } from '../reckoning';
import { rockerRatio, screwAt } from './screw';

export const hydraulicPreload = reckoning({
  summary: 'How far the plunger of a hydraulic tappet is pressed in by turning past zero lash',
  input: z.strictObject({
    pitchMm: mm.positive('Pitch of the screw'),
    turns: turns.fromZero('How far it is turned past zero lash'),
    screwAt,
    rockerRatio,
    plungerTravelMm: mm.positive('The whole travel of the plunger'),
  }) satisfies z.ZodType<HydraulicPreloadInput>,
  answer: z.strictObject({
    depthMm: figure('How far the plunger is pressed in, at the push rod'),
    shareOfTravel: figure('The same as a share of its travel: 1 is all the way down'),
    code: verdict(['within', 'bottomed'], 'bottomed = right down: it holds its valve open'),
    reason,
  }),
  example: {
    pitchMm: 1.25,
    turns: 0.5,
    screwAt: 'pivot',
    rockerRatio: 1.6,
    plungerTravelMm: 4,
  },
});
