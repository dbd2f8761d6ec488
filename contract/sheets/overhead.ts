import { z } from 'zod';
import { measure, plainId, truth, whole, words } from '../text';
import {
  cylinder,
  lengthFigure,
  lengthLimits,
  listOf,
  oneOf,
  sourced,
  statement,
  timeFigure,
  printedTorque,
  turnFigure,
} from './figures';
import { named } from '../named';

const kind = oneOf(['intake', 'exhaust']);
const eventDeg = measure(-180, 360);
const gap = named(
  'GapLimits',
  z.strictObject({ figure: lengthFigure, low: lengthFigure, high: lengthFigure }),
);
const clearance = named(
  'Clearance',
  z.strictObject({ cold: gap.exactOptional(), hot: gap.exactOptional() }),
);

const window = z
  .union(
    [
      z.strictObject({ fromDeg: measure(0, 720), toDeg: measure(0, 1440), ...sourced }),
      z.strictObject({ as: kind }),
    ],
    { error: 'must be {"fromDeg", "toDeg", "from", "source"} or {"as": "intake" or "exhaust"}' },
  )
  .describe(
    'The part of its own cylinder’s cycle, 0 at firing top dead centre, in which it is worked and must be left alone.',
  );

const extraGap = z.strictObject({
  name: words(60),
  gap,
  window,
  cylinders: listOf(cylinder, 24).exactOptional().describe('All when left out.'),
  leafBetween: words(120).exactOptional(),
});

export const overhead = z.strictObject({
  gear: oneOf(['push-rod', 'overhead-cam']),
  actsOn: oneOf(['valve', 'bridge', 'yoke']),
  adjust: oneOf(['screw', 'shim', 'hydraulic']),
  tappets: oneOf(['flat', 'roller', 'bucket']).exactOptional(),
  valves: listOf(
    z.strictObject({
      id: plainId,
      cylinder,
      kind,
      alongHead: whole(1, 99).exactOptional(),
    }),
    96,
    1,
  ).describe('One entry for each gap: a valve, or the pair under one bridge or yoke.'),
  screw: z
    .strictObject({
      at: oneOf(['pushrod', 'valve', 'pivot']),
      pitchMm: measure(0.1, 5),
      rockerRatio: measure(0.2, 5),
      inCloses: truth,
    })
    .exactOptional(),
  lockNut: printedTorque.exactOptional(),
  leafBetween: words(120).exactOptional(),
  feel: oneOf(['light-drag', 'go-no-go', 'finger-tight', 'push-rod-binds']).exactOptional(),
  camEvents: z
    .strictObject({
      strokes: z.union([z.literal(4), z.literal(2)], 'must be 4 or 2'),
      ivoBtdcDeg: eventDeg.exactOptional(),
      ivcAbdcDeg: eventDeg.exactOptional(),
      evoBbdcDeg: eventDeg,
      evcAtdcDeg: eventDeg.exactOptional(),
      evcAbdcDeg: eventDeg.exactOptional(),
      rampDeg: measure(0, 60).exactOptional(),
      ...sourced,
    })
    .exactOptional(),
  clearances: z
    .strictObject({ intake: clearance.exactOptional(), exhaust: clearance.exactOptional() })
    .exactOptional(),
  bookTable: z
    .strictObject({
      source: words(160),
      positions: listOf(
        z.strictObject({
          says: words(160),
          atDeg: measure(0, 719.999),
          set: listOf(plainId, 96),
        }),
        48,
        1,
      ),
    })
    .exactOptional(),
  pushRods: z
    .strictObject({
      in: oneOf(['own-position', 'before-rockers']),
      says: words(400),
      ...sourced,
    })
    .exactOptional(),
  bridges: z
    .strictObject({
      equalise: statement,
      guideClearance: lengthLimits.exactOptional(),
      twist: statement.exactOptional(),
      oil: statement.exactOptional(),
    })
    .exactOptional(),
  hydraulic: z
    .strictObject({
      preload: turnFigure,
      zeroLash: statement,
      wait: timeFigure.exactOptional(),
      plungerTravel: lengthFigure.exactOptional(),
    })
    .exactOptional(),
  tappetShims: listOf(lengthFigure, 200).exactOptional(),
  injectors: z
    .strictObject({
      kind: oneOf(['unit', 'pump-line-nozzle', 'common-rail']),
      setting: z
        .discriminatedUnion(
          'method',
          [
            z.strictObject({ method: z.literal('turn'), turns: turnFigure }),
            z.strictObject({
              method: z.literal('height'),
              gauge: lengthFigure,
              within: lengthFigure.exactOptional(),
            }),
          ],
          { error: 'must have a method: turn or height' },
        )
        .exactOptional(),
      window: window.exactOptional(),
      codes: z
        .strictObject({
          letters: whole(1, 40),
          of: words(80).describe('The characters a code is made of.'),
          says: words(400),
          ...sourced,
        })
        .exactOptional(),
    })
    .exactOptional(),
  brakes: extraGap.exactOptional(),
  actuators: extraGap.exactOptional(),
});
