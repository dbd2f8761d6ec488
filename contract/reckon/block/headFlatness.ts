import { z } from 'zod';
import { STRAIGHTEDGE_LINES, type HeadFlatnessInput } from '@cardinex/core/block/headFlatness';
import { list, mm, oneOf, yesNo } from '../fields';
import { figure, listOf, reason, verdict } from '../found';
import { reckoning } from '../reckoning';

const LINES =
  'long = along the head, cross = across it, diagonal-1 and diagonal-2 = corner to corner';

export const headFlatness = reckoning({
  summary: 'Whether a head goes back as it is, is resurfaced or replaced',
  input: z.strictObject({
    readings: list(
      z.strictObject({
        line: oneOf(STRAIGHTEDGE_LINES, `How the straightedge lies: ${LINES}; each once`),
        gapMm: mm.fromZero('The largest leaf that enters under it'),
      }),
      [1, STRAIGHTEDGE_LINES.length],
      'In any order; a head is not called flat before all four lines are read',
    ),
    limitMm: mm.fromZero('Most it may be out of flat, inclusive'),
    camInHead: yesNo('The head carries the camshaft, whose bearing line moves with its face'),
    camInHeadCutAllowed: yesNo(
      'Its maker allows such a head to be cut all the same; false where absent',
    ).exactOptional(),
    thicknessMm: mm
      .positive('Thickness as measured now; it may have been cut before')
      .exactOptional(),
    standardMm: mm.positive('Thickness when new').exactOptional(),
    repairMm: mm.positive('Least thickness it may have, inclusive').exactOptional(),
    cutAllowanceMm: mm
      .fromZero('Taken off beyond the worst gap so that the face cleans up; 0 where absent')
      .exactOptional(),
  }) satisfies z.ZodType<HeadFlatnessInput>,
  answer: z.strictObject({
    verdict: verdict(['reuse', 'measure', 'resurface', 'replace'], 'What to do with the head'),
    because: verdict(
      [
        'below-repair',
        'flat',
        'lines-missing',
        'cam-in-head',
        'thickness-unknown',
        'enough-left',
        'too-little-left',
      ],
      'What decided it',
    ),
    worst: z
      .strictObject({
        line: verdict(STRAIGHTEDGE_LINES, LINES),
        gapMm: figure('The gap under it'),
      })
      .describe('The line with the largest gap'),
    missing: listOf(verdict(STRAIGHTEDGE_LINES, LINES), 'Lines not yet read'),
    cutMm: figure(
      'What would come off; where it is out of flat and its thickness is known',
    ).exactOptional(),
    thicknessAfterMm: figure('What would be left').exactOptional(),
    cutBeforeMm: figure(
      'What came off before; negative for a head thicker than new: measure again',
    ).exactOptional(),
    reason,
  }),
  example: {
    readings: [
      { line: 'long', gapMm: 0.12 },
      { line: 'cross', gapMm: 0.03 },
      { line: 'diagonal-1', gapMm: 0.08 },
      { line: 'diagonal-2', gapMm: 0.1 },
    ],
    limitMm: 0.05,
    camInHead: false,
    thicknessMm: 91.8,
    standardMm: 92,
    repairMm: 91.4,
    cutAllowanceMm: 0.05,
  },
});
