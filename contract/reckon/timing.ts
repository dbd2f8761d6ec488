import { z } from 'zod';
import type { MarksReturnInput } from '@cardinex/core/crank/marksReturn';
import type { WheelLineInput } from '@cardinex/core/crank/wheelLine';
import { plainId } from '../text';

const teeth = z.int('must be a whole number').min(5).max(500);
const turns = z.int();
const mm = z.number('must be a number').min(-100).max(100);
const reason = z.string();

/** What the reckonings of the timing drive take. */
export const timingInputs = {
  'marks-return': z.strictObject({
    crankTeeth: teeth,
    wheels: z.array(z.strictObject({ id: plainId, teeth })).max(12),
    links: z.int('must be a whole number').min(10).max(1000).exactOptional(),
    marks: z
      .array(
        z.strictObject({
          id: plainId,
          wheels: z.array(plainId).max(12),
          onLink: z.boolean().exactOptional(),
        }),
      )
      .min(1)
      .max(20),
  }) satisfies z.ZodType<MarksReturnInput>,
  'wheel-line': z.strictObject({
    readingsMm: z.array(mm).min(1).max(12),
    withinMm: z.number('must be a number').positive().max(10),
    shimsMm: z
      .array(z.number('must be a number').positive().max(20))
      .min(1)
      .max(20)
      .exactOptional(),
  }) satisfies z.ZodType<WheelLineInput>,
};

/** What they answer. */
export const timingAnswers = {
  'marks-return': z.strictObject({
    marks: z.array(z.strictObject({ id: z.string(), turns })),
    allTurns: turns,
    reason,
  }),
  'wheel-line': z.strictObject({
    meanMm: mm,
    // Two readings may stand as far apart as the range of one is wide.
    wobbleMm: z.number().min(0).max(200),
    verdict: z.enum(['within', 'out', 'proud', 'wobbles']),
    shimMm: mm.nullable(),
    leftMm: mm,
    stands: z.enum(['behind', 'in-line', 'before']),
    reason,
  }),
};

export const timingExamples = {
  'marks-return': {
    crankTeeth: 21,
    wheels: [{ id: 'cam', teeth: 42 }],
    links: 118,
    marks: [
      { id: 'cam-line', wheels: ['cam'] },
      { id: 'bright-link', wheels: [], onLink: true },
    ],
  },
  'wheel-line': { readingsMm: [0.5, 0.45, 0.55], withinMm: 0.2, shimsMm: [0.3, 0.5, 0.7] },
};
