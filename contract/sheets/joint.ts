import { z } from 'zod';
import { CURE_BARS, JOINT_KINDS } from '@cardinex/core/sheet/spec/joint';
import { named } from '../named';
import { whole, words } from '../text';
import { drawnMm, lengthFigure, listOf, oneOf, sourcedAsItsPiece, timeFigure } from './figures';
import { reference } from './reference';

const sealant = named(
  'Sealant',
  z.strictObject({
    what: words(80),
    where: words(200),
    bead: lengthFigure.exactOptional(),
    path: listOf(z.strictObject({ xMm: drawnMm, yMm: drawnMm }), 200, 2)
      .exactOptional()
      .describe('Drawn on the map of the set that clamps the piece.'),
    never: words(200).exactOptional().describe('Oil ways, grooves, cork ends.'),
    dry: words(120).exactOptional().describe('Which side stays dry.'),
    close: oneOf(['wet', 'tacky', 'set']).describe('How it is when the joint is closed.'),
    closeFrom: timeFigure.exactOptional().describe('From the start of the bead, as all its times.'),
    closeTo: timeFigure.exactOptional().describe('Past it: wiped off and laid anew.'),
    nip: words(160).exactOptional().describe('Drawn up by hand so far, and left.'),
    pullAfter: timeFigure.exactOptional(),
    cure: z
      .strictObject({ time: timeFigure, bars: listOf(oneOf(CURE_BARS), CURE_BARS.length, 1) })
      .exactOptional(),
  }),
);

/** What lies between a piece and what it sits on. */
export const joint = named(
  'Joint',
  z.strictObject({
    kind: oneOf(JOINT_KINDS),
    on: reference.exactOptional().describe('What it sits on; the block when left out.'),
    what: words(80).exactOptional(),
    count: whole(1, 200).exactOptional().describe('For each instance; one when left out.'),
    use: oneOf(['new', 'again', 'if-whole']).exactOptional(),
    part: words(80).exactOptional().describe('Its line of the kit list, by its part.'),
    oldStaysOn: words(120).exactOptional(),
    lubricant: words(80).nullable().exactOptional().describe('null: nothing, on purpose.'),
    lies: words(200).exactOptional(),
    glued: z.strictObject({ to: words(80), dry: timeFigure.exactOptional() }).exactOptional(),
    sealant: sealant.exactOptional(),
    ...sourcedAsItsPiece,
  }),
);
