import { z } from 'zod';
import { measure, plainId, truth, words } from '../text';
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
  volumeFigure,
} from './figures';

/** The side a piston is pressed to on its power stroke, or the other. */
const side = oneOf(['thrust', 'anti-thrust']);

/** How piston and cylinder come together. */
export const pistonRoute = oneOf([
  'into-block',
  'into-liner-on-bench',
  'cylinder-over-piston',
  'part-way-out',
]);

export const pistons = z.strictObject({
  rings: listOf(
    z.strictObject({
      id: plainId,
      name: words(60),
      kind: oneOf(['compression', 'oil', 'expander']),
      gap: lengthLimits.exactOptional(),
      sideClearance: lengthLimits.exactOptional(),
      fileable: truth,
      upperFace: words(120).exactOptional(),
    }),
    8,
  )
    .exactOptional()
    .describe('From the crown.'),
  stagger: z
    .strictObject({
      rule: oneOf(['even', 'opposed']),
      keepClearDeg: measure(0, 90),
      says: words(400),
      ...sourced,
    })
    .exactOptional(),
  massSpread: massFigure.exactOptional(),
  massPairs: listOf(z.tuple([cylinder, cylinder]), 12).exactOptional(),
  pin: z
    .strictObject({
      fit: oneOf(['free', 'pressed-rod-heated', 'piston-warmed']),
      heat: z
        .strictObject({
          interference: lengthFigure,
          clearance: lengthFigure,
          diameter: lengthFigure,
          most: temperatureFigure.exactOptional(),
        })
        .exactOptional()
        .describe('For a pin larger than its hole.'),
      says: words(400),
      ...sourced,
    })
    .exactOptional(),
  route: pistonRoute.exactOptional(),
  alsoRoutes: listOf(pistonRoute, 3, 1).exactOptional(),
  standOut: lengthLimits.exactOptional(),
  skirtClearance: lengthLimits.exactOptional(),
  rodSideFloat: lengthLimits.exactOptional(),
  oilJets: statement.exactOptional(),
  rodLength: lengthFigure.exactOptional(),
  orientation: z
    .strictObject({
      crown: z.strictObject({ mark: words(40), towards: end }).exactOptional(),
      rod: z.strictObject({ mark: words(40), towards: side }).exactOptional(),
      pinOffset: side.exactOptional(),
      ...sourced,
    })
    .exactOptional()
    .describe('Which way a piston and its rod lie.'),
  bowl: volumeFigure.exactOptional(),
  dome: volumeFigure.exactOptional(),
});
