import { z } from 'zod';
import { plainId, truth, whole, words } from '../text';
import { lengthFigure, listOf, oneOf, sourced, timeFigure, printedVolume } from './figures';

export const covering = z.strictObject({
  crank: oneOf(['cylinder-at-firing-top', 'pistons-off-top', 'its-rod-at-top', 'anywhere']),
  says: words(400),
  ...sourced,
});

export const covers = listOf(
  z.strictObject({
    id: plainId,
    name: words(60),
    hides: listOf(words(120), 40),
    sealant: z
      .strictObject({
        what: words(80),
        where: words(200),
        bead: lengthFigure.exactOptional(),
        never: words(200).exactOptional(),
        skin: timeFigure.exactOptional(),
        cure: timeFigure.exactOptional(),
      })
      .exactOptional(),
    gasket: words(120).exactOptional(),
    ...sourced,
  }),
  40,
);

export const lubricants = listOf(
  z.strictObject({
    contact: words(80),
    lubricant: words(80).nullable().describe('null: nothing, on purpose.'),
    ...sourced,
  }),
  80,
);

export const facings = listOf(
  z.strictObject({ part: words(80), faces: words(160), ...sourced }),
  80,
);

export const plugs = listOf(
  z.strictObject({
    where: words(120),
    renew: truth,
    under: words(80).exactOptional(),
    ...sourced,
  }),
  80,
);

export const renew = listOf(
  z.strictObject({
    part: words(80),
    when: oneOf(['always', 'if-worn', 'by-measurement', 'matched-set']),
    count: whole(1, 1000).exactOptional(),
    fits: plainId
      .exactOptional()
      .describe('The fastened set that waits for it; or "liners", "valves".'),
    ...sourced,
  }),
  120,
);

export const temporary = listOf(
  z.strictObject({
    what: words(80),
    bars: oneOf(['turning', 'starting', 'covering']),
    holdsLiners: truth.exactOptional(),
    ...sourced,
  }),
  40,
);

export const fills = listOf(
  z.strictObject({
    what: words(60),
    amount: printedVolume.exactOptional(),
    grade: words(120),
  }),
  20,
);
