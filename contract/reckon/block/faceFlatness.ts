import { z } from 'zod';
import type { FaceFlatnessInput } from '@cardinex/core/block/faceFlatness';
import { id, list, mm } from '../fields';
import { figure, limitVerdict, listOf, reason, text } from '../found';
import { reckoning } from '../reckoning';

export const faceFlatness = reckoning({
  summary: 'Whether a face is flat, as a whole and over a short length',
  input: z.strictObject({
    readings: list(
      z.strictObject({
        line: id('How the straightedge lies'),
        gapMm: mm.fromZero('The largest leaf that enters under it'),
        overMm: mm.positive('The length it was read over').exactOptional(),
      }),
      [1, 100],
      'In any order; a line once for each length it was read over',
    ),
    limitMm: mm.fromZero('Most the face may be out of flat, inclusive'),
    perLength: z
      .strictObject({
        gapMm: mm.fromZero('Most over a short length, inclusive'),
        overMm: mm.positive('That length: what was read over no more is held to it too'),
      })
      .describe('Where the book gives a limit over a length besides')
      .exactOptional(),
  }) satisfies z.ZodType<FaceFlatnessInput>,
  answer: z.strictObject({
    worstMm: figure('The largest leaf of all'),
    lines: listOf(
      z.strictObject({
        line: text('How the straightedge lay'),
        gapMm: figure('The largest leaf under it'),
        code: limitVerdict('The line'),
      }),
      'Each line as it was read',
    ),
    code: limitVerdict('The face, as its worst line'),
    reason,
  }),
  example: {
    readings: [
      { line: 'long', gapMm: 0.08, overMm: 600 },
      { line: 'between-2-and-3', gapMm: 0.02, overMm: 100 },
    ],
    limitMm: 0.1,
    perLength: { gapMm: 0.03, overMm: 100 },
  },
});
