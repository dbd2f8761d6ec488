import { z } from 'zod';
import { COLDEST_C, EXPANSION, HOTTEST_C, type PinHeatInput } from '@cardinex/core/piston/pinHeat';
import { mm, number } from '../fields';
import { figure, limitVerdict, reason } from '../found';
import { reckoning } from '../reckoning';

const temperature = number(COLDEST_C, HOTTEST_C, '°C');

export const pinHeat = reckoning({
  summary: 'How warm a part has to be for a pin to slip in',
  input: z.strictObject({
    interferenceMm: mm.fromZero('How much larger the pin is than its hole, both cold'),
    wantedClearanceMm: mm.fromZero('Clearance wanted for it to slip in'),
    diaMm: mm.positive('Diameter of the pin'),
    alphaPerK: number(
      EXPANSION.low,
      EXPANSION.high,
      'per kelvin',
    )(
      'Expansion of the part that is warmed, a share of its size for each kelvin: about 1.2e-5 for steel, 2.1e-5 for light alloy',
    ),
    ambientTempC: temperature('Where both are now'),
    maxTempC: temperature(
      'The warmest the part may become; not checked where absent',
    ).exactOptional(),
  }) satisfies z.ZodType<PinHeatInput>,
  answer: z.strictObject({
    tempC: figure('How warm the part has to be'),
    riseK: figure('How much warmer than now'),
    verdict: limitVerdict('That warmth'),
    clearanceAtMaxMm: figure(
      'Clearance there is at the warmest allowed; negative: it will not go in',
    ).exactOptional(),
    reason,
  }),
  example: {
    interferenceMm: 0.03,
    wantedClearanceMm: 0.03,
    diaMm: 30,
    alphaPerK: 1.2e-5,
    ambientTempC: 20,
    maxTempC: 280,
  },
});
