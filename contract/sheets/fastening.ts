import { z } from 'zod';
import { measure, truth, whole, words } from '../text';
import {
  angleFigure,
  cylinder,
  drawnMm,
  lengthFigure,
  listOf,
  oneOf,
  printedAngle,
  printedPressure,
  sourced,
  statement,
  timeFigure,
  printedTorque,
} from './figures';
import { named } from '../named';
import { keyPart, reference } from './reference';

const order = listOf(keyPart, 200, 1).describe('Fastener ids in the order they are pulled.');
const leaveOut = listOf(keyPart, 200)
  .exactOptional()
  .describe('Left alone on purpose in this stage.');
const together = z
  .literal(true)
  .exactOptional()
  .describe('Two people pull each fastener at once, one at either end.');
const farSide = listOf(keyPart, 200, 1)
  .exactOptional()
  .describe('Pulled from the far side by one, while another pulls the rest from the near side.');

function values<T extends z.ZodType>(entry: T) {
  return listOf(z.strictObject({ group: keyPart.exactOptional(), value: entry }), 20).describe(
    'One for all, or one for each group.',
  );
}

const stage = named(
  'Stage',
  z.discriminatedUnion(
    'kind',
    [
      z.strictObject({
        id: keyPart,
        kind: oneOf(['torque', 'check']).describe(
          'check: pulled at a value at which none may move.',
        ),
        order,
        leaveOut,
        together,
        farSide,
        values: values(printedTorque),
      }),
      z.strictObject({
        id: keyPart,
        kind: z.literal('angle'),
        order,
        leaveOut,
        together,
        farSide,
        values: values(printedAngle),
      }),
      z.strictObject({
        id: keyPart,
        kind: z.literal('slacken'),
        order,
        leaveOut,
        farSide,
        by: angleFigure.exactOptional().describe('Eased by so much; leave out for right off.'),
      }),
      z.strictObject({
        id: keyPart,
        kind: oneOf(['hydraulic', 'hydraulic-check']),
        order,
        leaveOut,
        pressure: printedPressure,
      }),
      z.strictObject({
        id: keyPart,
        kind: oneOf(['wait', 'turn-crank']),
        says: words(200),
        time: timeFigure.exactOptional(),
      }),
    ],
    {
      error:
        'must have a kind: torque, check, angle, slacken, hydraulic, hydraulic-check, wait or turn-crank',
    },
  ),
);

const group = named(
  'FastenerGroup',
  z.strictObject({
    id: keyPart,
    name: words(60),
    sort: oneOf(['bolt', 'stud', 'nut', 'through-bolt']),
    thread: words(60),
    length: lengthFigure.exactOptional(),
    spanner: words(60).exactOptional(),
    grade: words(40).exactOptional(),
    uses: z.union(
      [z.enum(['one', 'until-limit']), z.strictObject({ most: whole(1, 20) })],
      'must be "one", "until-limit" or {"most": 3}',
    ),
    stretch: truth.describe('Tightened past yield by its programme.'),
    stretchLimit: lengthFigure.exactOptional(),
    washer: words(160).exactOptional(),
    locking: words(160).exactOptional(),
    counterHold: words(160).exactOptional(),
    hole: oneOf(['blind', 'through', 'coolant', 'oil']).exactOptional(),
    treatment: z.strictObject({
      kind: oneOf(['oil', 'dry', 'coated', 'paste', 'sealant', 'as-leaflet']),
      says: words(400),
      ...sourced,
    }),
  }),
);

export const fastenedSet = named(
  'FastenedSet',
  z.strictObject({
    id: keyPart,
    name: words(60),
    kind: oneOf([
      'head',
      'cylinder-base',
      'main-caps',
      'rod-caps',
      'rockers',
      'cam-caps',
      'injector-clamps',
      'manifold',
      'flywheel',
      'pulley',
      'timing-wheels',
      'cover',
    ]),
    instances: listOf(keyPart, 40, 1),
    map: z.strictObject({
      widthMm: measure(1, 20_000),
      heightMm: measure(1, 20_000),
      seenFrom: words(60),
      bores: listOf(
        z.strictObject({ cylinder, xMm: drawnMm, yMm: drawnMm, diaMm: measure(1, 2000) }),
        24,
      ).exactOptional(),
    }),
    groups: listOf(group, 20, 1),
    fasteners: listOf(
      z.strictObject({
        id: keyPart,
        number: words(12),
        xMm: drawnMm,
        yMm: drawnMm,
        group: keyPart.exactOptional(),
        clamps: listOf(reference, 20)
          .exactOptional()
          .describe('What this one clamps, where it differs from the set.'),
        clampsAt: listOf(z.strictObject({ instance: keyPart, clamps: listOf(reference, 20) }), 40)
          .exactOptional()
          .describe('The same at single instances of the set.'),
      }),
      200,
      1,
    ),
    clamps: listOf(reference, 20)
      .exactOptional()
      .describe(
        'Pieces of the assembly that each fastener clamps; all in place before its first pull.',
      ),
    programme: z
      .strictObject({
        id: keyPart,
        cycles: listOf(z.strictObject({ id: keyPart, stages: listOf(stage, 40, 1) }), 10, 1),
        ...sourced,
      })
      .exactOptional(),
    afterwards: listOf(
      z.strictObject({
        about: oneOf(['settle-and-check', 'after-heat', 'reuse']),
        demand: oneOf(['do', 'never']),
        time: timeFigure.exactOptional(),
        method: oneOf([
          'ease-and-pull-one-by-one',
          'pull-without-easing',
          'pull-hot',
          'check-only',
        ]).exactOptional(),
        says: words(400),
        ...sourced,
      }),
      10,
    ).exactOptional(),
    tensioner: z
      .strictObject({
        areaMm2: measure(1, 1_000_000),
        stud: lengthFigure,
        stretchLength: lengthFigure,
        holesPerTurn: whole(1, 360).exactOptional(),
        expectedHoles: measure(0, 1000).exactOptional(),
        toleranceHoles: measure(0, 1000).exactOptional(),
      })
      .exactOptional(),
    springLoad: z.strictObject({ down: lengthFigure, step: lengthFigure }).exactOptional(),
    twoPeople: statement.exactOptional(),
  }),
);
