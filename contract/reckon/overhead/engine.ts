import { z } from 'zod';
import { cylinder, deg, id, list, strokes, window } from '../fields';

/** What a plan of settings knows of an engine. */
export const overhead = {
  strokes,
  firing: list(
    z.strictObject({
      cylinder: cylinder('Its number, each once'),
      atDeg: deg.signed(
        'Crank angle of its firing top after that of cylinder 1, in the running direction',
      ),
    }),
    [1, 24],
    'Every cylinder, in any order',
  ),
  items: list(
    z.strictObject({
      id: id('The item’s name, each once'),
      cylinder: cylinder('The cylinder it belongs to'),
      kind: id('What it is: inlet, exhaust, injector'),
      active: window('When its follower is off the base circle'),
    }),
    [1, 200],
    'What there is to set, in any order',
  ),
  marginDeg: deg.fromZero(
    'Least distance of crank angle from an item’s window at which it may be set, inclusive',
  ),
};

/** An in-line four, firing 1-3-4-2, for examples. */
export const FOUR_CYLINDERS = {
  strokes: 4 as const,
  firing: [
    { cylinder: 1, atDeg: 0 },
    { cylinder: 3, atDeg: 180 },
    { cylinder: 4, atDeg: 360 },
    { cylinder: 2, atDeg: 540 },
  ],
  items: [1, 2, 3, 4].flatMap((cylinder) => [
    { id: `E${cylinder}`, cylinder, kind: 'exhaust', active: { fromDeg: 132, toDeg: 374 } },
    { id: `I${cylinder}`, cylinder, kind: 'intake', active: { fromDeg: 348, toDeg: 584 } },
  ]),
  marginDeg: 20,
};
