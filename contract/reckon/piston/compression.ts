import { z } from 'zod';
import type { CompressionInput } from '@cardinex/core/piston/compression';
import { cc, mm } from '../fields';
import { figure, reason } from '../found';
import { reckoning } from '../reckoning';

export const compression = reckoning({
  summary: 'Compression ratio, and what a thicker gasket does to it',
  input: z.strictObject({
    boreMm: mm.positive('Diameter of the bore'),
    strokeMm: mm.positive('The whole stroke'),
    chamberCc: cc.fromZero('Volume in the head, valves shut'),
    bowlCc: cc.signed('Volume in the crown; a dome is negative'),
    gasketBoreMm: mm.positive('Diameter of the hole in the gasket'),
    gasketMm: mm.fromZero('Thickness of the gasket as compressed'),
    standOutMm: mm.signed('How far the crown stands over the deck at top; below it is negative'),
    valveReliefCc: cc
      .fromZero('Volume cut into the crown for the valves; 0 where absent')
      .exactOptional(),
  }) satisfies z.ZodType<CompressionInput>,
  answer: z.strictObject({
    ratio: figure('Swept and clearance volume together over clearance volume'),
    changePerTenthMm: figure(
      'What a gasket a tenth of a millimetre thicker adds to the ratio: negative, it lowers it',
    ),
    sweptCc: figure('Volume of the stroke'),
    clearanceCc: figure('All that is left above the piston at its top'),
    reason,
  }),
  example: {
    boreMm: 105,
    strokeMm: 127,
    chamberCc: 6,
    bowlCc: 52,
    gasketBoreMm: 107,
    gasketMm: 1.3,
    standOutMm: 0.51,
  },
});
