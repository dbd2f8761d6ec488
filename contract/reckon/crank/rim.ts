import { z } from 'zod';
import type { RimInput } from '@cardinex/core/crank/rim';
import { mm, number, whole } from '../fields';
import { figure } from '../found';
import { reckoning } from '../reckoning';

const TURNED = 'exactly one of deg, mm and teeth; backward is negative';

export const rim = reckoning({
  summary: 'One angle of the crank in degrees, along a rim, and in teeth of the ring gear',
  input: z.strictObject({
    deg: number(-36_000, 36_000, 'degrees')(`The angle in degrees: ${TURNED}`).exactOptional(),
    mm: number(-1e6, 1e6, 'mm')(`The way along the rim: ${TURNED}`).exactOptional(),
    teeth: number(-100_000, 100_000, 'teeth')(`Teeth of the ring gear: ${TURNED}`).exactOptional(),
    rimDiaMm: mm.positive('Diameter of the rim that mm is measured on').exactOptional(),
    teethTotal: whole(1, 10_000)('Teeth of the whole ring gear').exactOptional(),
  }) satisfies z.ZodType<RimInput>,
  answer: z.strictObject({
    deg: figure('The angle in degrees; backward is negative'),
    mm: figure('The way along the rim; where its diameter was given').exactOptional(),
    teeth: figure(
      'Teeth of the ring gear, parts of one too; where their total was given',
    ).exactOptional(),
  }),
  example: { deg: 120, rimDiaMm: 380, teethTotal: 132 },
});
