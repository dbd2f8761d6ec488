import { z } from 'zod';
import { measure, plainId, words } from '../text';
import { end } from './end';
import {
  cylinder,
  lengthFigure,
  lengthLimits,
  listOf,
  massFigure,
  oneOf,
  sourced,
  statement,
  temperatureFigure,
  truth,
  volumeFigure,
} from './figures';

/** The side a piston is pressed to on its power stroke, or the other. */
const side = oneOf(['thrust', 'anti-thrust']);

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
      heat: z
        .strictObject({
          interference: lengthFigure,
          clearance: lengthFigure,
          diameter: lengthFigure,
          most: temperatureFigure.optional(),
        })
        .optional()
        .describe('For a pin larger than its hole.'),
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
  orientation: z
    .strictObject({
      crown: z.strictObject({ mark: words(40), towards: end }).optional(),
      rod: z.strictObject({ mark: words(40), towards: side }).optional(),
      pinOffset: side.optional(),
      ...sourced,
    })
    .optional()
    .describe('Which way a piston and its rod lie.'),
  bowl: volumeFigure.optional(),
  dome: volumeFigure.optional(),
});
