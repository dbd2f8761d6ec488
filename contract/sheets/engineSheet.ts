import { z } from 'zod';
import { SHEET_FORMAT, type EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { plainId, whole, words } from '../text';
import { assembly } from './assembly';
import { bores, gasket, head, journals, liners, sealingRing } from './block';
import { fastenedSet } from './fastening';
import { json } from '../json';
import { fills, renew } from './kit';
import { lengthFigure, listOf, oneOf, statement } from './figures';
import { end } from './end';
import { crank, firing, layout, naming, rotation } from './layout';
import { overhead } from './overhead';
import { pistons } from './pistons';
import { timing } from './timing';

const variants = listOf(
  z.strictObject({
    id: plainId,
    ask: words(160),
    options: listOf(
      z.strictObject({
        id: plainId,
        name: words(80),
        serials: z
          .strictObject({ from: words(40).exactOptional(), to: words(40).exactOptional() })
          .exactOptional(),
        seen: words(160).exactOptional(),
        overrides: listOf(
          z.strictObject({
            at: z
              .string('must be a JSON Pointer')
              .max(200, 'is longer than 200 characters')
              .regex(/^(\/[^/]+)+$/, 'must be a JSON Pointer, as /liners/low'),
            to: json,
          }),
          60,
        ),
      }),
      12,
      2,
    ),
  }),
  8,
);

/**
 * The shape of an engine sheet. What no schema can say (an order that misses a bolt, a range upside
 * down) is found by `checkSheet` in core.
 */
export const engineSheetSchema = z.strictObject({
  format: z.literal(SHEET_FORMAT, { error: `must be "${SHEET_FORMAT}"` }),
  id: z
    .string('must be text')
    .max(60, 'is longer than 60 characters')
    .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'must be lower-case letters and digits with single hyphens'),
  revision: whole(1, 100_000),
  note: words(400).exactOptional().describe('What changed with this revision.'),
  name: words(60),
  description: words(200),
  manual: words(120).describe('The book it was entered from, with its revision.'),
  service: oneOf(['vehicle', 'plant', 'marine', 'stationary', 'aircraft']),
  fuel: oneOf(['diesel', 'petrol', 'gas']),
  strokes: z.union([z.literal(4), z.literal(2)], 'must be 4 or 2'),
  layout,
  cylinder1End: end.describe('What sits on the end cylinder 1 is at.'),
  otherEnd: end,
  hand: oneOf(['left', 'right']).exactOptional(),
  sister: plainId.exactOptional().describe('The sheet of the other hand.'),
  bore: lengthFigure.exactOptional(),
  stroke: lengthFigure.exactOptional(),
  naming: naming.exactOptional(),
  rotation: rotation.exactOptional(),
  firing: firing.exactOptional(),
  crank: crank.exactOptional(),
  liners: liners.exactOptional(),
  bores: bores.exactOptional(),
  journals: journals.exactOptional(),
  pistons: pistons.exactOptional(),
  head: head.exactOptional(),
  gasket: gasket.exactOptional(),
  sealingRing: sealingRing.exactOptional(),
  calibratedTools: statement
    .exactOptional()
    .describe('Where the maker demands tools with a check in date.'),
  fastenedSets: listOf(fastenedSet, 40).exactOptional(),
  overhead: overhead.exactOptional(),
  assembly: assembly.exactOptional(),
  renew: renew.exactOptional(),
  timing: timing.exactOptional(),
  fills: fills.exactOptional(),
  stopping: listOf(statement, 10).exactOptional(),
  variants: variants.exactOptional(),
}) satisfies z.ZodType<EngineSheet>;
