import { z } from 'zod';
import { measure, plainId, whole, words } from '../text';
import { end } from './end';
import { angleFigure, cylinder, lengthFigure, listOf, oneOf, sourced } from './figures';

export const layout = z.strictObject({
  form: oneOf(['in-line', 'v', 'opposed']),
  banks: listOf(
    z.strictObject({
      id: plainId,
      name: words(40),
      cylinders: listOf(cylinder, 24, 1).describe('As they stand, from the cylinder-1 end.'),
    }),
    4,
    1,
  ),
  angle: angleFigure.exactOptional().describe('Between the banks of a V.'),
});

export const rotation = z.strictObject({
  direction: oneOf(['clockwise', 'anticlockwise']),
  seenFrom: end,
  ...sourced,
});

export const firing = z.strictObject({
  order: listOf(cylinder, 24, 1).describe('Begins with cylinder 1.'),
  intervalsDeg: listOf(measure(0, 720), 24, 1)
    .exactOptional()
    .describe('From each firing to the next; leave out when they are even.'),
  ...sourced,
});

export const crank = z.strictObject({
  ringGearTeeth: whole(20, 600).exactOptional(),
  rimDiameter: lengthFigure.exactOptional(),
  marks: listOf(
    z.strictObject({ says: words(120), atDeg: measure(0, 719.999), ...sourced }),
    24,
  ).exactOptional(),
  barredBy: words(160).exactOptional(),
});

export const naming = z.strictObject({
  cylinders: words(200).exactOptional(),
  valves: words(200).exactOptional(),
  sides: listOf(z.strictObject({ name: words(40), says: words(160) }), 4).exactOptional(),
});
