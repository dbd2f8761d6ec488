import { z } from 'zod';
import { MOST_LEAVES, type FeelerStackInput } from '@cardinex/core/overhead/feelerStack';
import { list, mm, whole } from '../fields';
import { figure, listOf, reason } from '../found';
import { reckoning } from '../reckoning';

const stack = (description: string) =>
  z
    .strictObject({
      leavesMm: listOf(figure('A leaf’s thickness'), 'Its leaves, thickest first'),
      totalMm: figure('All of them together'),
      errorMm: figure('Total less target; thicker is positive'),
    })
    .describe(description);

export const feelerStack = reckoning({
  summary: 'Which leaves of a set make up a gap; exact',
  input: z.strictObject({
    leavesMm: list(
      mm.positive('Thickness of a leaf'),
      [1, 40],
      'The leaves actually in the set, in any order; the same thickness twice is two leaves',
    ),
    targetMm: mm.positive('The gap to make up'),
    maxLeaves: whole(1, MOST_LEAVES)('Most leaves in a stack'),
    toleranceMm: mm.fromZero('How far from the target a stack may be, either way, inclusive'),
  }) satisfies z.ZodType<FeelerStackInput>,
  answer: z.strictObject({
    stacks: listOf(
      stack('A stack'),
      'Within tolerance, ten at most: nearest first, then fewest leaves, then the thickest thinnest leaf',
    ),
    nearestBelow: stack(
      'The thickest stack thinner than the target; null when every stack is thicker',
    ).nullable(),
    nearestAbove: stack(
      'The thinnest stack thicker than the target; null when every stack is thinner',
    ).nullable(),
    reason,
  }),
  example: {
    leavesMm: [0.05, 0.1, 0.15, 0.2, 0.25, 0.3, 0.4, 0.5],
    targetMm: 0.42,
    maxLeaves: 3,
    toleranceMm: 0.03,
  },
});
