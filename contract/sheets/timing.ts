import { z } from 'zod';
import { measure, plainId, truth, whole, words } from '../text';
import { end } from './end';
import { angleFigure, lengthFigure, listOf, oneOf, sourced, statement } from './figures';

const fromCrankMm = measure(-5000, 5000);

export const timing = z.strictObject({
  drive: oneOf(['gears', 'chain', 'belt']),
  marks: listOf(words(160), 20),
  pins: listOf(words(160), 10).exactOptional(),
  tensioner: words(200).exactOptional(),
  pump: words(200).exactOptional(),
  pumpBeforeTop: angleFigure.exactOptional(),
  wheels: listOf(
    z.strictObject({
      id: plainId,
      name: words(40),
      teeth: whole(5, 500),
      xMm: fromCrankMm,
      yMm: fromCrankMm,
    }),
    12,
    2,
  )
    .exactOptional()
    .describe('As they are seen, the crank’s first.'),
  seenFrom: end.exactOptional(),
  links: whole(10, 1000).exactOptional(),
  markPlaces: listOf(
    z.strictObject({
      mark: whole(1, 20),
      wheel: plainId,
      meets: plainId.exactOptional(),
      atDeg: measure(-360, 360).exactOptional(),
      onLink: truth.exactOptional(),
    }),
    20,
  ).exactOptional(),
  line: z
    .strictObject({
      says: words(200),
      within: lengthFigure,
      shims: listOf(lengthFigure, 20).exactOptional(),
      ...sourced,
    })
    .exactOptional(),
  counterHold: statement.exactOptional(),
  ...sourced,
});
