import { z } from 'zod';
import { measure, plainId, words } from '../text';
import {
  cylinder,
  lengthFigure,
  lengthLimits,
  listOf,
  massFigure,
  oneOf,
  sourced,
  statement,
  truth,
} from './figures';

export const pistons = z.strictObject({
  rings: listOf(
    z.strictObject({
      id: plainId,
      name: words(60),
      kind: oneOf(['compression', 'oil', 'expander']),
      gap: lengthLimits.optional(),
      sideClearance: lengthLimits.optional(),
      fileable: truth,
      upperFace: words(120).optional(),
    }),
    8,
  )
    .optional()
    .describe('From the crown.'),
  stagger: z
    .strictObject({
      rule: oneOf(['even', 'opposed']),
      keepClearDeg: measure(0, 90),
      says: words(400),
      ...sourced,
    })
    .optional(),
  massSpread: massFigure.optional(),
  massPairs: listOf(z.tuple([cylinder, cylinder]), 12).optional(),
  pin: z
    .strictObject({
      fit: oneOf(['free', 'pressed-rod-heated', 'piston-warmed']),
      says: words(400),
      ...sourced,
    })
    .optional(),
  route: oneOf(['into-block', 'into-liner-on-bench', 'cylinder-over-piston']).optional(),
  standOut: lengthLimits.optional(),
  skirtClearance: lengthLimits.optional(),
  rodSideFloat: lengthLimits.optional(),
  oilJets: statement.optional(),
  rodLength: lengthFigure.optional(),
});
