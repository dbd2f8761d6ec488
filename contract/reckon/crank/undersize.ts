import { z } from 'zod';
import type { UndersizeInput } from '@cardinex/core/crank/undersize';
import { list, mm } from '../fields';
import { figure, limitVerdict, reason, verdict } from '../found';
import { reckoning } from '../reckoning';

export const undersize = reckoning({
  summary: 'The undersize a journal is at, its wear, and the next it can be ground to',
  input: z.strictObject({
    journalMm: list(
      mm.positive('A diameter of the journal'),
      [1, 50],
      'Readings of one journal, round it and along it, in any order',
    ),
    standardMm: mm.positive('Diameter of a standard journal'),
    stepsMm: list(
      mm.positive('An undersize, counted down from standard'),
      [0, 20],
      'Undersizes there are bearings for, each once, in any order; standard itself is always one',
    ),
    minimumMm: mm.positive('Least diameter it may be ground to, inclusive').exactOptional(),
    wearMm: mm.fromZero('Most it may be worn below the step it is at, inclusive').exactOptional(),
    cleanUpMm: mm
      .fromZero('Ground off beyond the wear so that it cleans up; 0 where absent')
      .exactOptional(),
  }) satisfies z.ZodType<UndersizeInput>,
  answer: z.strictObject({
    stepMm: figure('The step it is at now, counted down from standard; 0 for standard'),
    wearMm: figure('How far its smallest reading is below that step'),
    wear: limitVerdict('Its wear'),
    nextStepMm: figure(
      'The next step that cleans up and stays above the least; null where there is none',
    ).nullable(),
    verdict: verdict(
      ['keep', 'grind', 'replace', 'no-limit'],
      'What to do: grind = to nextStepMm, replace = it is over and no step is left, no-limit = no limit of wear was given',
    ),
    reason,
  }),
  example: {
    journalMm: [79.73, 79.7],
    standardMm: 80,
    stepsMm: [0.25, 0.5, 0.75],
    minimumMm: 79.25,
    wearMm: 0.03,
  },
});
